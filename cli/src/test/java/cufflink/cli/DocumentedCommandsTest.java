package cufflink.cli;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import cufflink.files.design.DesignLibrary;
import cufflink.files.project.ProjectWriter;
import cufflink.measure.RulerStep;
import cufflink.plan.Project;
import cufflink.files.database.DatabaseUnusable;
import cufflink.files.stash.StashDatabase;
import cufflink.measure.LengthUnit;
import cufflink.stash.DieChart;
import cufflink.stash.StashChange;
import cufflink.stash.StashEdit;
import java.awt.image.BufferedImage;
import java.io.IOException;
import java.io.PrintWriter;
import java.io.StringWriter;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Clock;
import java.util.ArrayList;
import java.util.List;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** Every command that README and docs show ends well, with the files that it names there. */
class DocumentedCommandsTest {
    private static final Path TOP = Path.of("..");

    @TempDir
    private Path folder;

    static Stream<String> commands() throws IOException {
        try (Stream<Path> docs = Files.list(TOP.resolve("docs"))) {
            return Stream
                    .concat(Stream.of(TOP.resolve("README.md")),
                            docs.filter(file -> file.toString().endsWith(".md")).sorted())
                    .flatMap(DocumentedCommandsTest::lines)
                    .map(line -> line.strip().replaceFirst("^\\./cufflink ", "").replaceFirst("\\s+#.*$", ""))
                    .filter(line -> line
                            .matches(
                                    "(plan|fold|check|export|layout|job|designs|backup|restore|notebook|dies|shopping|kit|read)( .*)?"))
                    .toList()
                    .stream();
        }
    }

    private static Stream<String> lines(Path file) {
        try {
            return Files.readAllLines(file).stream().filter(line -> line.startsWith("    ./cufflink "));
        } catch (IOException unreadable) {
            throw new IllegalStateException(unreadable);
        }
    }

    private void project(String name, String design) throws IOException {
        ProjectWriter.write(Project.of(DesignLibrary.builtIn().find(design).orThrow(), RulerStep.SIXTEENTH_INCH),
                folder.resolve(name));
    }

    private String inFolder(String argument) {
        return argument.matches("(out|out/[\\w.]+|[\\w-]+\\.(json|csv|pdf|yaml|jpg|zip|txt)(\\*\\d+)?)")
                ? folder.resolve(argument).toString()
                : argument;
    }

    @ParameterizedTest
    @MethodSource("commands")
    void command_endsWell(String command) throws IOException {
        project("project.json", "half-fold");
        project("invitation.json", "half-fold");
        project("holder.json", "m-fold-holder");
        Files.writeString(folder.resolve("pieces.csv"),
                "id,quantity,width,height,material,direction\nbase,2,8 1/2 in,5 1/2 in,card,\n");
        Files.writeString(folder.resolve("stock.csv"),
                "id,material,width,height,count,offcut,direction\nLetter,card,8 1/2 in,11 in,,,\n");
        Files.writeString(folder.resolve("stash.csv"),
                "kind,name,width,height,count\npaper,Plain card 250,8 1/2 in,11 in,100\npaper,Plain paper 120,8 1/2 "
                        + "in,11 in,100\n");
        Files.writeString(folder.resolve("directions.txt"),
                "Strip: 11 x 4 1/4 in\nScore the strip from the left at 3, 5 1/2 and 8 in.\n");
        List<String> arguments = new ArrayList<>(words(command).map(this::inFolder).toList());
        if (command.matches("(notebook|backup|restore|dies|shopping).*")) {
            keptBefore(command);
            arguments.addAll(List.of("--data", folder.resolve("data").toString()));
        }
        StringWriter said = new StringWriter();
        assertEquals(0, run(arguments, said), command + "\n" + said);
    }

    private static int run(List<String> arguments, StringWriter said) {
        PrintWriter all = new PrintWriter(said, true);
        return Main.commandLine(all, all).execute(arguments.toArray(String[]::new));
    }

    /** Parted at spaces, but for what stands in quotation marks. */
    private static Stream<String> words(String command) {
        return Pattern.compile("\"([^\"]*)\"|(\\S+)").matcher(command).results()
                .map(found -> found.group(1) != null ? found.group(1) : found.group(2));
    }

    /** What a command takes for granted: two makes, the second just taken out, what was exported, a backup. */
    private void keptBefore(String command) throws IOException {
        String data = folder.resolve("data").toString();
        ImageIO.write(new BufferedImage(40, 30, BufferedImage.TYPE_INT_RGB), "jpg",
                folder.resolve("front.jpg").toFile());
        for (int i = 0; i < 2; i++) {
            run(List.of("notebook", "add", inFolder("project.json"), "--note", "13 × 18, too tight",
                    "--next", "step 1: cut the longest first", "--data", data),
                    new StringWriter());
        }
        if (command.contains("bring-back")) {
            run(List.of("notebook", "remove", "1", "--data", data), new StringWriter());
        } else if (command.contains("import")) {
            run(List.of("notebook", "export", "--out", folder.resolve("out").toString(), "--data", data),
                    new StringWriter());
        } else if (command.startsWith("dies")) {
            try (StashDatabase stash = StashDatabase.open(Path.of(data, "stash.db"), Clock.systemUTC())) {
                stash.apply(StashChange.of("Dies", DieChart.startingSet(LengthUnit.INCH).stream()
                        .map(punch -> StashEdit.added(punch)).toList()));
            } catch (DatabaseUnusable fault) {
                throw new IOException(fault);
            }
        } else if (command.startsWith("restore")) {
            run(List.of("backup", "--out", inFolder("kept.zip"), "--data", data), new StringWriter());
        }
    }

    @Test
    void commandsAreFound() throws IOException {
        List<String> found = commands().toList();
        assertTrue(found.size() >= 9, found.toString());
    }
}
