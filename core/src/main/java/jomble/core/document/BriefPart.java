package jomble.core.document;

import java.util.Map;
import jomble.core.brief.Brief;
import jomble.core.document.part.Part;
import jomble.core.document.part.Values;
import jomble.core.tree.Node;

/** What the client dresses for and within which limits, see {@link BriefReader}. */
final class BriefPart extends Part<Brief> {
    BriefPart() {
        super("brief", Brief.EMPTY);
    }

    @Override
    public Brief read(Node node, Before before) {
        return Values.given(node, BriefReader::read, Brief.EMPTY);
    }

    @Override
    public Object write(Brief brief) {
        return BriefReader.write(brief);
    }

    @Override
    public Map<String, Object> schema() {
        return BriefSchema.write();
    }
}
