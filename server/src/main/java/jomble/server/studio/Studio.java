package jomble.server.studio;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import java.time.Instant;
import java.util.UUID;

/** A studio of stylists; studios never see each other's data. */
@Entity
public class Studio {
    @Id
    private UUID id;

    private String name;

    @Column(columnDefinition = "char(3)")
    private String currency;

    @Column(columnDefinition = "longtext")
    private String rules = "{}";

    private long rulesVersion;

    @Column(columnDefinition = "longtext")
    private String occasions = "[]";

    private long occasionsVersion;

    private Instant createdAt;

    protected Studio() {}

    public Studio(UUID id, String name, String currency, Instant createdAt) {
        this.id = id;
        this.name = name;
        this.currency = currency;
        this.createdAt = createdAt;
    }

    public UUID id() {
        return id;
    }

    public String name() {
        return name;
    }

    /** ISO 4217 code of amounts given without a currency. */
    public String currency() {
        return currency;
    }

    /** House rules in document form. */
    public String rules() {
        return rules;
    }

    public void hold(String others) {
        this.rules = others;
        this.rulesVersion++;
    }

    /** How often the rules were replaced. */
    public long rulesVersion() {
        return rulesVersion;
    }

    /** How often a template was added, replaced or deleted. */
    public long occasionsVersion() {
        return occasionsVersion;
    }

    /** The studio's own occasion templates, in document form. */
    public String occasions() {
        return occasions;
    }

    public void offerOccasions(String others) {
        this.occasions = others;
        this.occasionsVersion++;
    }

    public Instant createdAt() {
        return createdAt;
    }
}
