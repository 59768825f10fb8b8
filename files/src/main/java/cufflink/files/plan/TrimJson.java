package cufflink.files.plan;

import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import cufflink.design.Fixing;
import cufflink.design.Ornament;
import cufflink.measure.Length;
import cufflink.plan.Plan;
import cufflink.stack.OrnamentLie;
import cufflink.stack.SoftWay;

/** What is put on the paper, as JSON: soft pieces, hardware, ornaments. */
final class TrimJson {
    private final Plan plan;

    private TrimJson(Plan plan) {
        this.plan = plan;
    }

    static void write(ObjectNode root, Plan plan) {
        TrimJson json = new TrimJson(plan);
        json.soft(root.putArray("soft"));
        json.hardware(root.putArray("hardware"));
        json.ornaments(root.putArray("ornaments"));
    }

    private ObjectNode length(Length length) {
        return PlanJson.length(length, plan.format());
    }

    private void soft(ArrayNode soft) {
        for (SoftWay way : plan.workings().soft()) {
            ObjectNode node = soft.addObject().put("id", way.soft().id()).put("label", way.soft().label())
                    .put("quantity", plan.project().copies()).put("material", way.soft().strand().material());
            node.set("width", length(way.soft().strand().width()));
            node.set("length", length(way.length()));
            way.lies().stream().map(SoftWay.Lie::slack).min(Length::compareTo)
                    .ifPresent(slack -> node.set("slack", length(slack)));
            ArrayNode states = node.putArray("states");
            way.lies().forEach(lie -> {
                ObjectNode state = states.addObject().put("state", lie.state());
                state.set("way", length(lie.way()));
                state.set("slack", length(lie.slack()));
            });
        }
    }

    private void hardware(ArrayNode hardware) {
        for (Fixing fixing : plan.design().fixings()) {
            ObjectNode node = hardware.addObject().put("id", fixing.id()).put("label", fixing.label())
                    .put("quantity", plan.project().copies()).put("kind", fixing.kind().word())
                    .put("on", fixing.panel().toString()).put("face", fixing.face().word());
            node.set("hole", length(fixing.sizes().hole()));
            node.set("height", length(fixing.sizes().height()));
            node.set("behind", length(fixing.sizes().behind()));
        }
    }

    private void ornaments(ArrayNode ornaments) {
        for (Ornament ornament : plan.design().ornaments()) {
            ObjectNode node = ornaments.addObject().put("id", ornament.id()).put("label", ornament.label())
                    .put("quantity", plan.project().copies()).put("on", ornament.on().toString())
                    .put("face", ornament.face().word()).put("shape", ornament.form().shape().word());
            node.set("width", length(ornament.form().width()));
            node.set("height", length(ornament.form().height()));
            node.set("thickness", length(ornament.height()));
            along(node.putObject("across"), ornament.put().across(), ornament.put().across().from().across());
            along(node.putObject("down"), ornament.put().down(), ornament.put().down().from().down());
            node.put("turn", ornament.put().turn());
            plan.workings().posed().adornment().lie(ornament.id()).ifPresent(lie -> lie(node, lie));
        }
    }

    private void along(ObjectNode node, Ornament.Along along, String from) {
        node.put("from", from).set("by", length(along.by()));
    }

    private void lie(ObjectNode node, OrnamentLie lie) {
        node.put("glued", Math.round(lie.share() * 100) / 100.0);
        ArrayNode over = node.putArray("dryOver");
        lie.over().forEach(over::add);
        ObjectNode pokes = node.putObject("pokesOut");
        lie.pokes().forEach((side, by) -> pokes.set(side.word(), length(by)));
    }
}
