package cufflink.files.plan;

import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import cufflink.crease.CreasePattern;
import cufflink.crease.Hinge;
import cufflink.crease.Panel;
import cufflink.design.Held;
import cufflink.design.PanelRef;
import cufflink.drawing.PoseDrawing;
import cufflink.drawing.Shown;
import cufflink.fold.FlatFoldedState;
import cufflink.fold.Folder;
import cufflink.fold.LayerProblem;
import cufflink.fold.PosedCard;
import cufflink.measure.Length;
import cufflink.measure.LengthFormat;
import cufflink.measure.LengthUnit;
import cufflink.plan.Plan;
import cufflink.stack.ClosedStack;
import java.util.List;
import java.util.Map;
import java.util.OptionalLong;
import java.util.TreeMap;

/**
 * What the fold engine proved of a plan, as JSON: panels, creases, loops, the order of the layers, poses, enclosed
 * thickness, pockets.
 */
public final class FoldJson {
    private static final ObjectMapper MAPPER = new ObjectMapper();

    private final Plan plan;

    private FoldJson(Plan plan) {
        this.plan = plan;
    }

    /** The answer; {@code counted} also counts in how many orders the layers could lie. */
    public static ObjectNode of(Plan plan, boolean counted) {
        FoldJson json = new FoldJson(plan);
        ObjectNode node = MAPPER.createObjectNode().put("design", plan.design().definition().id())
                .put("flat", plan.closed().isPresent())
                .put("loops", new Folder(plan.assembly()).loops());
        ArrayNode panels = node.putArray("panels");
        ArrayNode creases = node.putArray("creases");
        plan.pieces().values().forEach(piece -> json.piece(piece.pattern(), panels, creases));
        plan.closed().ifPresent(flat -> json.closed(flat, node));
        if (counted) {
            json.count(node);
        }
        PlanJson.steps(node.putArray("steps"), plan);
        json.poses(node.putArray("poses"));
        plan.stack().ifPresent(stack -> json.stack(stack, node));
        node.set("problems", PlanJson.problems(plan.faults()));
        return node;
    }

    private static ObjectNode millimetres(Length length) {
        return MAPPER.createObjectNode().put("mm", length.toMillimetres()).put("text",
                LengthFormat.of(LengthUnit.MILLIMETRE).text(length));
    }

    private void piece(CreasePattern pattern, ArrayNode panels, ArrayNode creases) {
        for (Panel panel : pattern.panels()) {
            panels.addObject().put("id", new PanelRef(pattern.piece(), panel.id()).toString())
                    .put("label", panel.label()).put("area", panel.outline().getArea())
                    .put("outline", panel.outline().toText());
        }
        for (Hinge hinge : pattern.hinges()) {
            ObjectNode node = creases.addObject().put("id", pattern.piece() + "." + hinge.crease())
                    .put("fold", hinge.folds() ? hinge.fold().word() : "joint")
                    .put("length", hinge.at().getLength());
            if (hinge.width() > 0) {
                node.put("width", hinge.width());
            }
            node.putArray("panels").add(pattern.piece() + "." + hinge.first())
                    .add(pattern.piece() + "." + hinge.second());
        }
    }

    private void closed(FlatFoldedState flat, ObjectNode node) {
        strings(node.putArray("order"), flat.order());
        ArrayNode above = node.putArray("above");
        for (PanelRef upper : flat.order()) {
            for (PanelRef lower : flat.order()) {
                if (!upper.equals(lower) && flat.relation().above(upper, lower).orElse(false)) {
                    above.addArray().add(upper.toString()).add(lower.toString());
                }
            }
        }
    }

    private static void strings(ArrayNode node, List<?> values) {
        values.forEach(value -> node.add(value.toString()));
    }

    /** Null with {@code countStopped} if the search hit its bound. */
    private void count(ObjectNode node) {
        OptionalLong count = plan.closed().map(flat -> LayerProblem.of(flat.state()).count())
                .orElse(OptionalLong.of(0));
        count.ifPresentOrElse(orders -> node.put("count", orders), () -> node.putNull("count"));
        node.put("countStopped", count.isEmpty());
    }

    private void poses(ArrayNode poses) {
        for (PosedCard posed : plan.poses()) {
            ObjectNode node = poses.addObject().put("name", posed.name())
                    .put("reached", posed.state().value().isPresent()).put("free", posed.obstacle().isEmpty());
            ObjectNode angles = node.putObject("angles");
            seen(PoseDrawing.shown(plan, posed, false), node.putArray("front"));
            seen(PoseDrawing.shown(plan, posed, true), node.putArray("back"));
            posed.state().value().ifPresent(state -> new TreeMap<>(byName(state.angles()))
                    .forEach((crease, angle) -> angles.put(crease, Math.round(angle * 1000) / 1000.0)));
        }
    }

    private static void seen(List<Shown> shown, ArrayNode node) {
        shown.forEach(face -> node.addObject().put("face", face.label()).put("share",
                Math.round(face.share() * 1000) / 1000.0));
    }

    private static <K> Map<String, Double> byName(Map<K, Double> angles) {
        Map<String, Double> named = new TreeMap<>();
        angles.forEach((crease, angle) -> named.put(crease.toString(), angle));
        return named;
    }

    private void stack(ClosedStack stack, ObjectNode node) {
        node.set("thickness", millimetres(stack.thickness()));
        ObjectNode enclosed = node.putObject("enclosed");
        stack.enclosed().forEach((crease, thickness) -> enclosed.set(crease.toString(), millimetres(thickness)));
        Held held = plan.design().definition().held();
        ArrayNode pockets = node.putArray("pockets");
        stack.spaces().forEach(space -> {
            ObjectNode pocket = pockets.addObject();
            strings(pocket.putArray("front"), space.front());
            strings(pocket.putArray("behind"), space.behind());
            strings(pocket.putArray("closed"),
                    space.closed().stream().map(held::seen).sorted().map(side -> side.word()).toList());
            strings(pocket.putArray("open"),
                    space.open().stream().map(held::seen).sorted().map(side -> side.word()).toList());
            pocket.set("width", millimetres(space.width()));
            pocket.set("depth", millimetres(space.depth()));
        });
        shown(stack.shown(true), node.putArray("front"));
        shown(stack.shown(false), node.putArray("back"));
    }

    private static void shown(List<ClosedStack.Shown> shown, ArrayNode node) {
        shown.forEach(entry -> node.addObject().put("label", entry.layer().label())
                .put("facing", entry.layer().facing().word()).put("share", Math.round(entry.share() * 1000) / 1000.0));
    }
}
