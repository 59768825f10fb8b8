package cufflink.files.packing;

import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import cufflink.measure.ExactText;
import cufflink.packing.EveningPlan;
import cufflink.packing.KitCost;
import cufflink.packing.Packing;
import java.util.Optional;

/** Kits as JSON; see docs/kits.schema.json. */
public final class PackingJson {
    private PackingJson() {
    }

    /** A packing with what it costs and, where that is known, how long it takes. */
    public static ObjectNode of(Packing packing, KitCost cost, Optional<EveningPlan> work) {
        ObjectNode root = new ObjectMapper().createObjectNode();
        root.put("kits", packing.wishes().kits()).put("scored", packing.wishes().scored());
        ArrayNode items = root.putArray("items");
        packing.items().forEach(item -> {
            ObjectNode node = items.addObject().put("id", item.id()).put("project", item.project())
                    .put("station", item.station().title()).put("label", item.label()).put("perKit", item.perKit());
            item.size().ifPresent(size -> node.put("width", ExactText.of(size.width())).put("height",
                    ExactText.of(size.height())));
            item.length().ifPresent(length -> node.put("length", ExactText.of(length)));
            if (!item.paper().isEmpty()) {
                node.put("paper", item.paper());
            }
        });
        ArrayNode papers = root.putArray("papers");
        packing.ranges().forEach(range -> papers.addObject().put("paper", range.own()).put("from", range.from())
                .put("to", range.to()).put("uses", range.uses()).put("inStash", range.inStash()));
        ObjectNode costs = root.putObject("cost").put("paper", cost.paper()).put("ribbon", cost.ribbon())
                .put("envelopes", cost.envelopes()).put("total", cost.total())
                .put("perKit", cost.perKit(packing.wishes().kits())).put("perCard", cost.perCard());
        cost.unknown().forEach(costs.putArray("unknown")::add);
        work.ifPresent(plan -> {
            ObjectNode times = root.putObject("work").put("minutes", Math.round(plan.seconds() / 60)).put("proved",
                    plan.proved());
            ArrayNode blocks = times.putArray("blocks");
            plan.blocks().forEach(block -> blocks.addObject().put("project", block.project())
                    .put("phase", block.phase().title()).put("from", Math.round(block.from() / 60))
                    .put("minutes", Math.round(block.seconds() / 60)));
        });
        ArrayNode called = root.putArray("names");
        packing.wishes().names().forEach(called::add);
        return root;
    }
}
