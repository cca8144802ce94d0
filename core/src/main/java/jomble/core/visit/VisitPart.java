package jomble.core.visit;

import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import jomble.core.document.part.EntryPart;
import jomble.core.document.part.SavedFields;
import jomble.core.document.part.Shape;
import jomble.core.document.part.Values;
import jomble.core.tree.Node;

/** Visits in document form: {@code {"id": "v1", "date": "2027-01-08", "note": "bring the tailor's card"}}. */
public final class VisitPart extends EntryPart<Visit> {
    private static final int MOST = 5_000;

    public VisitPart() {
        super("visits", "visit", MOST, Visit::id);
    }

    @Override
    public LocalDate day(Visit visit) {
        return visit.date();
    }

    @Override
    protected boolean mayLackId() {
        return true;
    }

    @Override
    protected Visit readEntry(Node item) {
        item.fields(List.of("id", "date", "note"));
        String id = item.field("id").text(1, 64);
        LocalDate date = SavedFields.date(item.field("date"));
        String note = Values.given(item.field("note"), SavedFields::notes, "");
        return id == null || date == null ? null : new Visit(id, date, note.strip());
    }

    @Override
    public Map<String, Object> writeEntry(Visit visit) {
        return Values.tree("id", visit.id(), "date", visit.date().toString(), "note", visit.note());
    }

    @Override
    protected Map<String, Object> entrySchema() {
        return Shape.object(List.of("date"), Map.of("id", Shape.ID, "date", Shape.DATE, "note", Shape.NOTES));
    }
}
