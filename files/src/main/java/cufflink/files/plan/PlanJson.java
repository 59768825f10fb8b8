package cufflink.files.plan;

import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import cufflink.design.Held;
import cufflink.design.Measures;
import cufflink.design.PanelRef;
import cufflink.design.PartDefinition;
import cufflink.design.PartPlace;
import cufflink.design.SizedDesign;
import cufflink.design.Value;
import cufflink.files.layout.LayoutJson;
import cufflink.fit.PocketFit;
import cufflink.fold.FoldedPiece;
import cufflink.fold.Folder;
import cufflink.mat.MatLayer;
import cufflink.measure.Length;
import cufflink.measure.LengthFormat;
import cufflink.measure.LengthUnit;
import cufflink.plan.CutPart;
import cufflink.plan.Plan;
import cufflink.plan.RunStep;
import cufflink.problem.Problem;
import cufflink.stack.ClosedSize;
import cufflink.stack.PartSizes;
import cufflink.stack.StackLayer;
import java.util.List;
import java.util.Locale;

/** The terminal's answer as JSON. Every length is {@code {mm, text}}. */
public final class PlanJson {
    private static final ObjectMapper MAPPER = new ObjectMapper();

    private final Plan plan;
    private final LengthFormat format;

    private PlanJson(Plan plan) {
        this.plan = plan;
        this.format = plan.format();
    }

    public static ObjectNode of(Plan plan) {
        return new PlanJson(plan).json();
    }

    private ObjectNode json() {
        ObjectNode root = MAPPER.createObjectNode();
        root.put("design", plan.design().definition().id());
        root.put("target", plan.fit().target());
        root.put("limit", plan.fit().limit());
        root.put("lift", plan.fit().lift());
        measures(root.putObject("measures"));
        parts(root.putArray("parts"));
        pieces(root.putArray("pieces"));
        TrimJson.write(root, plan);
        mats(root.putArray("mats"));
        closed(root.putObject("closed"));
        fold(root.putObject("fold"));
        PagesJson.write(root, plan);
        ArrayNode pockets = root.putArray("pockets");
        pockets(pockets);
        foundPockets(pockets);
        checks(root.putArray("checks"));
        root.set("layout", LayoutJson.of(plan.layout(), format));
        run(root.putArray("run"));
        root.set("problems", problems(plan.notices()));
        ArrayNode changed = root.putArray("changed");
        plan.changed().forEach(change -> changed.addObject().put("measure", change.measure())
                .put("given", change.given()).put("used", change.used()).put("why", change.why()));
        return root;
    }

    private ObjectNode length(Length length) {
        return length(length, format);
    }

    static ObjectNode length(Length length, LengthFormat format) {
        return MAPPER.createObjectNode().put("mm", length.toMillimetres()).put("text", format.text(length));
    }

    private void measures(ObjectNode node) {
        for (Measures.Sized sized : plan.measures().all()) {
            ObjectNode entry = node.putObject(sized.definition().name());
            if (sized.isLength()) {
                entry.setAll(length(sized.length()));
            } else if (sized.value() instanceof Value.Word word) {
                entry.put("text", word.text());
            } else if (sized.value() instanceof Value.Quantity quantity) {
                entry.put("value", quantity.toDouble());
                entry.put("text", sized.text(format));
            }
            entry.put("label", sized.definition().label()).put("how", sized.derivation().text(format)).put("setByHand",
                    sized.byHand());
        }
    }

    private void parts(ArrayNode parts) {
        for (PartDefinition part : plan.design().parts()) {
            ObjectNode node = parts.addObject().put("name", part.name()).put("label", part.label())
                    .put("design", part.design().id()).put("on", PartPlace.of(part).text());
            PartPlace.of(part).face().ifPresent(face -> node.put("face", face.word()));
            if (part.isApart()) {
                PartSizes.of(plan.workings().stacked()).folded(part)
                        .ifPresent(size -> closed(node.putObject("closed"), size));
            }
            ArrayNode measures = node.putArray("measures");
            plan.measures().all().stream().map(sized -> sized.definition().name())
                    .filter(part::has).forEach(measures::add);
        }
    }

    private void pieces(ArrayNode pieces) {
        for (SizedDesign.Piece piece : plan.design().pieces()) {
            ObjectNode node = pieces.addObject().put("id", piece.id()).put("label", piece.label()).put("quantity",
                    plan.project().copies());
            node.set("width", length(piece.width().length()));
            node.set("height", length(piece.height().length()));
            node.put("material", piece.material().toString()).put("up", piece.up().word());
            List<CutPart> parts = CutPart.of(plan.project(), piece);
            if (parts.size() > 1) {
                ArrayNode joined = node.putArray("parts");
                parts.forEach(part -> {
                    ObjectNode entry = joined.addObject().put("id", part.id());
                    entry.set("width", length(part.width()));
                    entry.set("height", length(part.height()));
                });
            }
            ArrayNode scores = node.putArray("scores");
            piece.lines().stream().filter(score -> !score.isPinched())
                    .forEach(score -> line(scores.addObject().put("id", score.id()).put("fold", score.fold().word()),
                            score.line()));
            ArrayNode slits = node.putArray("slits");
            piece.slits().forEach(slit -> {
                ObjectNode entry = slits.addObject().put("id", slit.id());
                line(entry, slit.line());
                entry.set("width", length(slit.width()));
            });
            ArrayNode away = node.putArray("cutAways");
            ArrayNode out = node.putArray("cutOuts");
            piece.cutOuts().forEach(cut -> cutOut((reachesEdge(piece, cut) ? away : out).addObject(), cut));
        }
    }

    private void line(ObjectNode node, SizedDesign.Line line) {
        node.put("along", line.along().word());
        line.at().ifPresent(at -> {
            node.set("at", length(at.length()));
            node.put("how", at.derivation().text(format));
        });
        node.set("from", length(line.from()));
        node.set("to", length(line.to()));
        ArrayNode points = node.putArray("points");
        point(points, line.x1(), line.y1());
        point(points, line.x2(), line.y2());
    }

    private void point(ArrayNode points, Length x, Length y) {
        ObjectNode point = points.addObject();
        point.set("x", length(x));
        point.set("y", length(y));
    }

    private void cutOut(ObjectNode node, SizedDesign.CutOut cut) {
        node.put("id", cut.id()).put("shape", cut.shape().name().toLowerCase(Locale.ROOT));
        ArrayNode numbers = node.putArray("numbers");
        cut.numbers().forEach(number -> numbers.add(length(number)));
    }

    /** Whether a cut takes waste away at the edge of the piece instead of making an opening. */
    private static boolean reachesEdge(SizedDesign.Piece piece, SizedDesign.CutOut cut) {
        List<Length> n = cut.numbers();
        Length width = piece.width().length();
        Length height = piece.height().length();
        return switch (cut.shape()) {
            case CIRCLE -> beyond(n.get(0).minus(n.get(2)), n.get(0).plus(n.get(2)), width)
                    || beyond(n.get(1).minus(n.get(2)), n.get(1).plus(n.get(2)), height);
            case ROUNDED ->
                beyond(n.get(0), n.get(0).plus(n.get(2)), width) || beyond(n.get(1), n.get(1).plus(n.get(3)), height);
            case POLYGON -> {
                boolean reaches = false;
                for (int i = 0; i + 1 < n.size(); i += 2) {
                    reaches |= beyond(n.get(i), n.get(i), width) || beyond(n.get(i + 1), n.get(i + 1), height);
                }
                yield reaches;
            }
        };
    }

    private static boolean beyond(Length low, Length high, Length limit) {
        return !low.isPositive() || !limit.isLongerThan(high);
    }

    private void mats(ArrayNode mats) {
        for (MatLayer mat : plan.mats()) {
            ObjectNode node = mats.addObject().put("on", mat.on().on().toString()).put("face", mat.on().face().word())
                    .put("layer", mat.layer())
                    .put("quantity", plan.project().copies());
            node.set("width", length(mat.width()));
            node.set("height", length(mat.height()));
            node.put("shape", mat.form().kind().word()).put("turn", Math.toDegrees(mat.form().turn()));
            ArrayNode edges = node.putArray("edges");
            mat.form().edges().forEach(edge -> edges.add(length(edge)));
            node.put("outline", mat.outline().toText()).put("how", mat.derivation(format));
        }
    }

    private void closed(ObjectNode node, ClosedSize size) {
        node.set("width", length(size.width()));
        node.set("height", length(size.height()));
        node.set("thickness", MAPPER.createObjectNode().put("mm", size.thickness().toMillimetres())
                .put("text", LengthFormat.of(LengthUnit.MILLIMETRE).text(size.thickness())));
    }

    private void closed(ObjectNode node) {
        plan.workings().closedSize().ifPresent(size -> closed(node, size));
        plan.workings().standing().ifPresent(size -> {
            ObjectNode standing = node.putObject(size.round() ? "opened" : "standing");
            standing.set("across", length(size.across()));
            standing.set("deep", length(size.deep()));
            standing.set("high", length(size.high()));
        });
        plan.stack().ifPresent(stack -> {
            ArrayNode layers = node.putArray("layers");
            stack.layers()
                    .forEach(layer -> layers.addObject().put("label", layer.label())
                            .put("kind", layer.kind().name().toLowerCase(Locale.ROOT))
                            .put("facing", layer.facing().word()));
        });
    }

    private void fold(ObjectNode node) {
        node.put("flat", plan.closed().isPresent());
        node.put("panels", plan.pieces().values().stream().mapToInt(piece -> piece.pattern().panels().size()).sum());
        ArrayNode order = node.putArray("order");
        plan.stack().ifPresent(stack -> stack.layers().forEach(layer -> {
            if (layer.kind() == StackLayer.Kind.PANEL) {
                layer.panel().ifPresent(panel -> order.add(panel.toString()));
            }
        }));
        node.put("loops", new Folder(plan.assembly()).loops());
        steps(node.putArray("steps"), plan);
    }

    /** The fold steps of every piece. */
    static void steps(ArrayNode steps, Plan plan) {
        for (FoldedPiece piece : plan.pieces().values()) {
            piece.stages().forEach(stage -> {
                ObjectNode step = steps.addObject().put("piece", piece.pattern().piece())
                        .put("say", stage.step().said().all())
                        .put("angle", stage.step().angle());
                stage.step().creases().forEach(step.putArray("fold")::add);
                stage.moved().stream().map(PanelRef::panel).sorted().forEach(step.putArray("moves")::add);
                stage.order().stream().map(PanelRef::panel).forEach(step.putArray("order")::add);
            });
        }
    }

    private void pockets(ArrayNode pockets) {
        for (SizedDesign.Pocket pocket : plan.design().pockets()) {
            ObjectNode node = pockets.addObject().put("id", pocket.definition().id());
            node.set("width", length(pocket.width().length()));
            node.set("depth", length(pocket.depth().length()));
            plan.design().contents(pocket).ifPresent(item -> {
                node.put("holds", item.name()).put("fits", PocketFit.of(pocket, item, plan.project().unit()).holds());
                node.set("reach", length(pocket.reach().length()));
            });
        }
    }

    /** Spaces that the layers themselves close on most sides. */
    private void foundPockets(ArrayNode pockets) {
        plan.stack().ifPresent(stack -> stack.spaces().forEach(space -> {
            ObjectNode node = pockets.addObject().put("id", "found " + (pockets.size()));
            node.set("width", length(space.width()));
            node.set("depth", length(space.depth()));
            space.front().forEach(panel -> node.withArray("front").add(panel.toString()));
            space.behind().forEach(panel -> node.withArray("behind").add(panel.toString()));
            Held held = plan.design().definition().held();
            space.closed().stream().map(held::seen).sorted().forEach(side -> node.withArray("closed").add(side.word()));
            space.open().stream().map(held::seen).sorted().forEach(side -> node.withArray("open").add(side.word()));
        }));
    }

    private void checks(ArrayNode checks) {
        plan.checks().forEach(check -> {
            ObjectNode node = checks.addObject().put("id", check.id()).put("verdict", check.verdict().word());
            check.margin().ifPresentOrElse(margin -> node.set("margin", length(margin)), () -> node.putNull("margin"));
            node.put("text", check.text()).put("remedy", check.remedy());
            check.change().ifPresent(change -> node.put("change", change.measure()));
        });
    }

    private void run(ArrayNode run) {
        for (RunStep step : plan.run()) {
            ObjectNode node = run.addObject().put("phase", step.phase().title()).put("title", step.title()).put("text",
                    step.text());
            ArrayNode readings = node.putArray("readings");
            step.readings().forEach(reading -> {
                ObjectNode entry = readings.addObject().put("id", reading.id()).put("label", reading.label());
                entry.setAll(length(reading.length()));
                reading.size().ifPresent(size -> entry.set("by", length(size)));
                entry.put("how", reading.how()).put("rounded", reading.rounded());
            });
        }
    }

    /** Problems as JSON, for a plan or instead of one. */
    public static ArrayNode problems(List<Problem> problems) {
        ArrayNode node = MAPPER.createArrayNode();
        problems.forEach(problem -> node.addObject().put("severity", problem.isError() ? "error" : "notice")
                .put("where", problem.where())
                .put("what", problem.what()).put("remedy", problem.remedy()));
        return node;
    }
}
