package jomble.server.access;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.util.List;
import jomble.server.problem.ProblemException;
import jomble.server.studio.StudioMember;
import org.springframework.context.annotation.Configuration;
import org.springframework.core.annotation.AnnotatedElementUtils;
import org.springframework.http.HttpHeaders;
import org.springframework.http.InvalidMediaTypeException;
import org.springframework.http.MediaType;
import org.springframework.security.core.Authentication;
import org.springframework.security.core.context.SecurityContextHolder;
import org.springframework.web.HttpMediaTypeNotAcceptableException;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.method.HandlerMethod;
import org.springframework.web.servlet.HandlerInterceptor;
import org.springframework.web.servlet.config.annotation.InterceptorRegistry;
import org.springframework.web.servlet.config.annotation.WebMvcConfigurer;

/** Refuses calls before they do anything: those without the right, and those that do not accept their answer. */
@Configuration(proxyBeanMethods = false)
class BeforeCalls implements HandlerInterceptor, WebMvcConfigurer {
    private final SecurityLog log;

    BeforeCalls(SecurityLog log) {
        this.log = log;
    }

    @Override
    public void addInterceptors(InterceptorRegistry registry) {
        registry.addInterceptor(this);
    }

    /**
     * @throws ProblemException when the caller lacks the right
     * @throws HttpMediaTypeNotAcceptableException when the caller does not accept JSON and the call answers nothing else
     */
    @Override
    public boolean preHandle(HttpServletRequest request, HttpServletResponse response, Object handler)
            throws HttpMediaTypeNotAcceptableException {
        if (handler instanceof HandlerMethod call && call.hasMethodAnnotation(RequestMapping.class) && isOurs(call)) {
            checkRight(call, request);
            checkAccepts(call, request);
        }
        return true;
    }

    private static boolean isOurs(HandlerMethod call) {
        return call.getBeanType().getName().startsWith("jomble.")
                && AnnotatedElementUtils.hasAnnotation(call.getBeanType(), RestController.class);
    }

    private void checkRight(HandlerMethod call, HttpServletRequest request) {
        Right needed = needed(call);
        StudioMember member = member();
        if (!needed.isOf(member)) {
            log.refused(needed, member, request);
            throw ProblemException.forbidden();
        }
    }

    /** The right of the call, or of its controller. */
    static Right needed(HandlerMethod call) {
        Requires own = call.getMethodAnnotation(Requires.class);
        return (own == null ? call.getBeanType().getAnnotation(Requires.class) : own).value();
    }

    private static StudioMember member() {
        Authentication who = SecurityContextHolder.getContext().getAuthentication();
        return who != null && who.getPrincipal() instanceof StudioMember member ? member : null;
    }

    /** Spring would find out when it writes the answer, after everything was done. */
    private static void checkAccepts(HandlerMethod call, HttpServletRequest request)
            throws HttpMediaTypeNotAcceptableException {
        String header = request.getHeader(HttpHeaders.ACCEPT);
        boolean choosesItself = AnnotatedElementUtils.findMergedAnnotation(call.getMethod(), RequestMapping.class)
                        .produces()
                        .length
                > 0;
        if (header != null && !header.isBlank() && !choosesItself && !acceptsJson(header)) {
            throw new HttpMediaTypeNotAcceptableException(List.of(MediaType.APPLICATION_JSON));
        }
    }

    private static boolean acceptsJson(String header) {
        try {
            return MediaType.parseMediaTypes(header).stream()
                    .anyMatch(type -> type.getQualityValue() > 0 && type.includes(MediaType.APPLICATION_JSON));
        } catch (InvalidMediaTypeException e) {
            return false;
        }
    }
}
