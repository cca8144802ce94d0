package jomble.server.studio;

import java.util.Map;
import java.util.UUID;
import org.hibernate.cfg.MultiTenancySettings;
import org.hibernate.context.spi.CurrentTenantIdentifierResolver;
import org.springframework.boot.hibernate.autoconfigure.HibernatePropertiesCustomizer;
import org.springframework.security.core.Authentication;
import org.springframework.security.core.context.SecurityContextHolder;
import org.springframework.stereotype.Component;

/** Tells Hibernate the studio of the signed-in member, whose rows the request may see. */
@Component
class CurrentStudio implements CurrentTenantIdentifierResolver<UUID>, HibernatePropertiesCustomizer {
    /** No studio: without a signed-in member, queries find nothing. */
    private static final UUID NOBODY = new UUID(0, 0);

    @Override
    public UUID resolveCurrentTenantIdentifier() {
        Authentication who = SecurityContextHolder.getContext().getAuthentication();
        return who != null && who.getPrincipal() instanceof StudioMember member ? member.studioId() : NOBODY;
    }

    @Override
    public boolean validateExistingCurrentSessions() {
        return true;
    }

    @Override
    public void customize(Map<String, Object> properties) {
        properties.put(MultiTenancySettings.MULTI_TENANT_IDENTIFIER_RESOLVER, this);
    }
}
