package cufflink.files.project;

import com.fasterxml.jackson.databind.node.JsonNodeFactory;
import com.fasterxml.jackson.databind.node.ObjectNode;
import cufflink.fit.Wish;
import cufflink.measure.ExactText;

/** What a project is fitted to, as it stands in its file. */
final class WishJson implements Wish.Cases<ObjectNode> {
    private static ObjectNode to(String what) {
        return JsonNodeFactory.instance.objectNode().put("to", what);
    }

    @Override
    public ObjectNode asDesigned(Wish.AsDesigned wish) {
        return to("design");
    }

    @Override
    public ObjectNode finishedSize(Wish.FinishedSize size) {
        return to("finished size").put("width", ExactText.of(size.width())).put("height", ExactText.of(size.height()));
    }

    @Override
    public ObjectNode inEnvelope(Wish.InEnvelope in) {
        ObjectNode node = to("envelope");
        EnvelopeJson.write(node, in.envelope());
        return node.put("ease", ExactText.of(in.ease()));
    }

    @Override
    public ObjectNode fromSheet(Wish.FromSheet sheet) {
        return to("sheet").put("sheet", sheet.name()).put("width", ExactText.of(sheet.width()))
                .put("height", ExactText.of(sheet.height())).put("sheets", sheet.sheets())
                .put("use", sheet.use().word());
    }

    @Override
    public ObjectNode holding(Wish.Holding holding) {
        return to("contents").put("item", holding.item().typed());
    }
}
