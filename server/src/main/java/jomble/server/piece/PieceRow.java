package jomble.server.piece;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.PostLoad;
import jakarta.persistence.PostPersist;
import jakarta.persistence.Table;
import jakarta.persistence.Transient;
import java.math.BigDecimal;
import java.time.Instant;
import java.util.UUID;
import org.hibernate.annotations.TenantId;
import org.springframework.data.domain.Persistable;

/** A stored piece: its document form, with the cost in separate columns so that it stays exact. */
@Entity
@Table(name = "piece")
class PieceRow implements Persistable<UUID> {
    @Id
    private UUID id;

    @TenantId
    private UUID studioId;

    private UUID clientId;

    /** Number of the change that wrote it: it only rises, also when a piece is deleted and restored. */
    private long version;

    private String ref;
    private int position;
    private String kind;
    private BigDecimal costAmount;

    @Column(columnDefinition = "char(3)")
    private String costCurrency;

    @Column(columnDefinition = "longtext")
    private String attributes;

    private Instant createdAt;
    private Instant updatedAt;

    /** Whether the database has it; without this, saving a new row would look for it first. */
    @Transient
    private boolean isStored;

    protected PieceRow() {}

    PieceRow(UUID id, UUID clientId, String ref, int position, Instant createdAt) {
        this.id = id;
        this.clientId = clientId;
        this.ref = ref;
        this.position = position;
        this.createdAt = createdAt;
    }

    void write(String newKind, BigDecimal amount, String currency, String document, Instant at, long change) {
        this.version = change;
        this.kind = newKind;
        this.costAmount = amount;
        this.costCurrency = currency;
        this.attributes = document;
        this.updatedAt = at;
    }

    long version() {
        return version;
    }

    UUID clientId() {
        return clientId;
    }

    String ref() {
        return ref;
    }

    int position() {
        return position;
    }

    BigDecimal costAmount() {
        return costAmount;
    }

    String costCurrency() {
        return costCurrency;
    }

    String attributes() {
        return attributes;
    }

    @Override
    public UUID getId() {
        return id;
    }

    @Override
    public boolean isNew() {
        return !isStored;
    }

    @PostLoad
    @PostPersist
    void markStored() {
        isStored = true;
    }
}
