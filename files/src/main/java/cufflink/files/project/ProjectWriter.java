package cufflink.files.project;

import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import cufflink.design.PartPlace;
import cufflink.files.AtomicFile;
import cufflink.mat.MatSettings;
import cufflink.measure.ExactText;
import cufflink.measure.Length;
import cufflink.paper.BenchTools;
import cufflink.paper.Stock;
import cufflink.plan.Project;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.util.Locale;
import java.util.Map;
import java.util.TreeMap;

/** Writes projects. {@link ProjectReader} reads them back as equal projects. */
public final class ProjectWriter {
    /** The schema written. */
    public static final int VERSION = 1;
    private static final ObjectMapper MAPPER = new ObjectMapper();

    private ProjectWriter() {
    }

    /** Writes the file whole or leaves it as it was. */
    public static void write(Project project, Path file) throws IOException {
        AtomicFile.keep(file, text(project).getBytes(StandardCharsets.UTF_8));
    }

    /** The JSON text, keys in a fixed order. */
    public static String text(Project project) {
        ObjectNode root = MAPPER.createObjectNode();
        root.put("cufflinkProject", VERSION);
        root.put("name", project.name());
        root.put("design", project.design().id());
        if (!project.wanted().added().isEmpty()) {
            ArrayNode parts = root.putArray("parts");
            project.wanted().added().forEach(part -> {
                ObjectNode node = parts.addObject().put("name", part.name()).put("design", part.design().id())
                        .put("on", PartPlace.of(part).text());
                PartPlace.of(part).face().ifPresent(face -> node.put("face", face.word()));
            });
        }
        if (!project.ornaments().isEmpty()) {
            OrnamentJson.write(root.putArray("ornaments"), project.ornaments());
        }
        root.set("fit", project.wish().accept(new WishJson()));
        ObjectNode set = root.putObject("set");
        new TreeMap<>(project.set()).forEach(set::put);
        root.put("ruler", project.step().label());
        mats(root.putObject("mats"), project.mats());
        ObjectNode papers = root.putObject("papers");
        Map<String, Stock> byRole = new TreeMap<>();
        project.papers().chosen().forEach((role, stock) -> byRole.put(role.toString(), stock));
        byRole.forEach((role, stock) -> StockJson.write(papers.putObject(role), stock));
        root.put("scoring", project.scoring().name().toLowerCase(Locale.ROOT));
        project.envelope().ifPresent(envelope -> EnvelopeJson.write(root, envelope));
        tools(root.putObject("tools"), project.tools());
        root.put("copies", project.copies());
        root.put("notes", project.notes());
        project.noted().reminders().forEach(reminder -> root.withArray("reminders").addObject()
                .put("step", reminder.step()).put("text", reminder.text()));
        project.noted().answered().forEach(key -> root.withArray("answered").add(key));
        try {
            return MAPPER.writerWithDefaultPrettyPrinter().writeValueAsString(root) + "\n";
        } catch (JsonProcessingException impossible) {
            throw new IllegalStateException("a tree of texts and numbers could not be written", impossible);
        }
    }

    private static void mats(ObjectNode node, MatSettings mats) {
        node.put("layers", mats.layers()).put("reveal", ExactText.of(mats.reveal()));
        ArrayNode panels = node.putArray("panels");
        new TreeMap<>(mats.byPanel()).forEach((panel, exception) -> {
            ObjectNode entry = panels.addObject().put("on", panel.toString());
            exception.layers().ifPresent(layers -> entry.put("layers", layers));
            exception.reveal().ifPresent(reveal -> entry.put("reveal", ExactText.of(reveal)));
            exception.width().ifPresent(width -> entry.put("width", ExactText.of(width)));
            exception.height().ifPresent(height -> entry.put("height", ExactText.of(height)));
        });
    }

    private static void tools(ObjectNode node, BenchTools tools) {
        node.put("trimmer", ExactText.of(tools.trimmerLength())).put("boardWidth", ExactText.of(tools.boardWidth()))
                .put("boardHeight", ExactText.of(tools.boardHeight())).put("grooves", ExactText.of(tools.grooveStep()))
                .put("grain", tools.grain().word()).put("onGrooves", tools.onGrooves());
        if (!tools.cutsShort().equals(Length.ZERO)) {
            node.put("cutsShort", ExactText.of(tools.cutsShort()));
        }
    }
}
