package cufflink.desktop.store;

import cufflink.desktop.work.ShelfWork.Dress;
import cufflink.desktop.work.ShelfWork.Wanted;
import cufflink.files.AtomicFile;
import cufflink.measure.RulerStep;
import cufflink.paper.Contents;
import cufflink.paper.NamedSize;
import cufflink.paper.PublishedSizes;
import cufflink.paper.Stock;
import java.io.IOException;
import java.io.Reader;
import java.io.StringWriter;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.Properties;
import java.util.function.Function;

/**
 * How the shelf was left: the ruler, what was ticked, what was chosen. It makes the next start more comfortable and
 * nothing else hangs on it: what cannot be read is as if it had not been kept.
 */
public final class ShelfMemory {
    private static final String BETWEEN = "|";

    private final Path file;
    private final SaveQueue saver;

    ShelfMemory(Path data, SaveQueue saver) {
        this.file = data.resolve("shelf.properties");
        this.saver = saver;
    }

    /** How the shelf was left: the ruler, and what was looked for among the papers that there are. */
    public record Left(RulerStep ruler, Wanted wanted) {
    }

    /** As it was left last; with the usual ruler and nothing asked for at the first start. */
    public Left read(List<Stock> papers) {
        saver.flush();
        Properties kept = new Properties();
        try (Reader reader = Files.newBufferedReader(file)) {
            kept.load(reader);
        } catch (IOException | IllegalArgumentException nothing) {
            kept.clear();
        }
        Function<String, Optional<Stock>> paper = key -> papers.stream()
                .filter(stock -> stock.name().equals(kept.getProperty(key))).findFirst();
        Optional<NamedSize> into = PublishedSizes.of(NamedSize.Kind.ENVELOPE).stream()
                .filter(size -> size.name().equals(kept.getProperty("into"))).findFirst();
        Optional<Contents> holds = Contents.known().stream()
                .filter(item -> item.name().equals(kept.getProperty("holds"))).findFirst();
        return new Left(
                Arrays.stream(RulerStep.values()).filter(step -> step.label().equals(kept.getProperty("ruler")))
                        .findFirst().orElse(RulerStep.SIXTEENTH_INCH),
                new Wanted(list(kept, "uses"), list(kept, "sheets"), holds, into,
                        new Dress(paper.apply("card"), paper.apply("layers"))));
    }

    private static List<String> list(Properties kept, String key) {
        return Arrays.stream(kept.getProperty(key, "").split("\\" + BETWEEN)).filter(word -> !word.isBlank()).toList();
    }

    /** Keeps it soon; that it cannot be kept is no trouble to anybody. */
    public void keep(RulerStep ruler, Wanted wanted) {
        saver.soon(file, () -> write(ruler, wanted), fault -> {});
    }

    private void write(RulerStep ruler, Wanted wanted) throws IOException {
        Properties kept = new Properties();
        kept.setProperty("ruler", ruler.label());
        kept.setProperty("uses", String.join(BETWEEN, wanted.uses()));
        kept.setProperty("sheets", String.join(BETWEEN, wanted.sheets()));
        wanted.holds().ifPresent(item -> kept.setProperty("holds", item.name()));
        wanted.into().ifPresent(envelope -> kept.setProperty("into", envelope.name()));
        wanted.dress().card().ifPresent(stock -> kept.setProperty("card", stock.name()));
        wanted.dress().layers().ifPresent(stock -> kept.setProperty("layers", stock.name()));
        StringWriter text = new StringWriter();
        kept.store(text, null);
        AtomicFile.write(file, text.toString().getBytes(StandardCharsets.UTF_8));
    }
}
