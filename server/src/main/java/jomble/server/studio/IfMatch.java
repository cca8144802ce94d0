package jomble.server.studio;

import io.swagger.v3.oas.annotations.Parameter;
import io.swagger.v3.oas.annotations.enums.ParameterIn;
import io.swagger.v3.oas.annotations.media.Schema;
import java.lang.annotation.ElementType;
import java.lang.annotation.Retention;
import java.lang.annotation.RetentionPolicy;
import java.lang.annotation.Target;

/**
 * The version that the caller saw of what a call replaces, changes or deletes, from the header If-Match. Without one
 * the call is refused with 428, so that nobody overwrites what he has not seen.
 */
@Target(ElementType.PARAMETER)
@Retention(RetentionPolicy.RUNTIME)
@Parameter(
        name = "If-Match",
        in = ParameterIn.HEADER,
        required = true,
        description = "The version that was seen, in quotes.",
        schema = @Schema(type = "string"))
public @interface IfMatch {}
