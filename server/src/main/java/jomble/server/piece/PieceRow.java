package jomble.server.piece;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import jakarta.persistence.Version;
import java.math.BigDecimal;
import java.time.Instant;
import java.util.UUID;
import org.hibernate.annotations.TenantId;

/** A stored piece: its document form, with the cost in separate columns so that it stays exact. */
@Entity
@Table(name = "piece")
class PieceRow {
    @Id
    private UUID id;

    @TenantId
    private UUID studioId;

    private UUID clientId;

    /** Null until stored, which tells Hibernate that a row is new without a query. */
    @Version
    private Long version;

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

    protected PieceRow() {}

    PieceRow(UUID id, UUID clientId, String ref, int position, Instant createdAt) {
        this.id = id;
        this.clientId = clientId;
        this.ref = ref;
        this.position = position;
        this.createdAt = createdAt;
    }

    void write(String newKind, BigDecimal amount, String currency, String document, Instant at) {
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
}
