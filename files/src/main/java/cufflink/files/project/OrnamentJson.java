package cufflink.files.project;

import cufflink.files.json.JsonFields;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import cufflink.design.Face;
import cufflink.design.Ornament;
import cufflink.design.OrnamentShape;
import cufflink.design.PanelRef;
import cufflink.design.Raise;
import cufflink.files.design.SvgPaths;
import cufflink.measure.ExactText;
import cufflink.measure.Length;
import cufflink.measure.LengthParser;
import cufflink.measure.LengthReading;
import cufflink.measure.LengthUnit;
import cufflink.plan.Wanted;
import cufflink.words.ProjectWords;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;

/** The ornaments that a maker added, in a project's file. */
final class OrnamentJson {
    private static final int MOST = 100;
    private static final double MOST_TURN = 360;

    private OrnamentJson() {
    }

    static void write(ArrayNode array, List<Ornament> ornaments) {
        for (Ornament ornament : ornaments) {
            Ornament.Form form = ornament.form();
            ObjectNode node = array.addObject().put("id", ornament.id()).put("label", ornament.label())
                    .put("on", ornament.on().toString()).put("face", ornament.face().word())
                    .put("shape", form.shape().word());
            form.traced().ifPresent(traced -> node.put("path", traced.path()));
            node.put("width", ExactText.of(form.width())).put("height", ExactText.of(form.height()))
                    .put("across", text(ornament.put().across(), Ornament.Anchor::across))
                    .put("down", text(ornament.put().down(), Ornament.Anchor::down)).put("turn", ornament.put().turn())
                    .put("raised",
                            Raise.of(ornament.height()).map(Raise::word)
                                    .orElseGet(() -> ExactText.of(ornament.height())));
            ornament.colour().ifPresent(colour -> node.put("colour", colour));
        }
    }

    private static String text(Ornament.Along along, Function<Ornament.Anchor, String> words) {
        String word = words.apply(along.from());
        return along.by().equals(Length.ZERO) ? word : word + " " + ExactText.of(along.by());
    }

    static Wanted read(JsonFields project, Wanted wanted) {
        List<Ornament> ornaments = new ArrayList<>();
        for (JsonFields fields : project.each("ornaments")) {
            String id = fields.text("id");
            boolean used = ornaments.stream().anyMatch(one -> one.id().equals(id)) || wanted.design().hasOrnament(id);
            if (used || !id.matches("[A-Za-z][A-Za-z0-9-]{0,40}")) {
                fields.problem("id", ProjectWords.NO_ORNAMENT_ID.of("name", id));
            }
            ornament(fields, id).ifPresent(ornaments::add);
        }
        if (ornaments.size() > MOST) {
            project.problem("ornaments", ProjectWords.TOO_MANY_ORNAMENTS.of("most", MOST));
        }
        return wanted.withOrnaments(ornaments);
    }

    private static Optional<Ornament> ornament(JsonFields fields, String id) {
        Optional<PanelRef> on = PanelRef.read(fields.text("on"));
        if (on.isEmpty()) {
            fields.problem("on", ProjectWords.PANEL_EXPECTED.of("text", fields.text("on")));
        }
        OrnamentShape shape = fields.word("shape", OrnamentShape.class, OrnamentShape::word);
        Optional<Ornament.Traced> traced = shape == OrnamentShape.PATH ? path(fields) : Optional.empty();
        Ornament.Form form = new Ornament.Form(shape, fields.size("width"), fields.size("height"), traced);
        Ornament.Put put = new Ornament.Put(along(fields, "across", Ornament.Anchor::across),
                along(fields, "down", Ornament.Anchor::down),
                fields.number("turn", -MOST_TURN - 1, MOST_TURN + 1));
        Face face = fields.word("face", Face.class, Face::word);
        return traced.isPresent() == (shape == OrnamentShape.PATH)
                ? on.map(panel -> new Ornament(id, fields.text("label"), panel, face, put, form, raised(fields),
                        fields.has("colour") ? Optional.of(fields.colour("colour")) : Optional.empty()))
                : Optional.empty();
    }

    private static Optional<Ornament.Traced> path(JsonFields fields) {
        var read = SvgPaths.read("path", fields.text("path"));
        read.problems().forEach(problem -> fields.problem("path", problem.message()));
        return read.value();
    }

    private static Ornament.Along along(JsonFields fields, String name, Function<Ornament.Anchor, String> words) {
        String text = fields.text(name);
        String word = text.split(" ", 2)[0];
        Optional<Ornament.Anchor> anchor = Arrays.stream(Ornament.Anchor.values())
                .filter(one -> words.apply(one).equals(word)).findFirst();
        if (anchor.isEmpty()) {
            fields.problem(name, ProjectWords.NOT_ONE_OF.of("text", text, "expected",
                    Arrays.stream(Ornament.Anchor.values()).map(words).toList()));
            return Ornament.Along.CENTRED;
        }
        String by = text.substring(word.length()).strip();
        LengthReading<Length> read = LengthParser.read(by.isEmpty() ? "0" : by, LengthUnit.MILLIMETRE);
        read.trouble().ifPresent(trouble -> fields.problem(name, trouble));
        return new Ornament.Along(anchor.get(), read.value().orElse(Length.ZERO));
    }

    private static Length raised(JsonFields fields) {
        return Raise.named(fields.text("raised")).map(Raise::height).orElseGet(() -> fields.length("raised"));
    }
}
