package cufflink.cli;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import cufflink.files.design.DesignLibrary;
import cufflink.files.project.ProjectWriter;
import cufflink.measure.RulerStep;
import cufflink.plan.Project;
import java.io.IOException;
import java.io.PrintWriter;
import java.io.StringWriter;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.stream.Stream;
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
                    .filter(line -> line.matches("(plan|fold|check|export|layout|job|designs|backup|restore)( .*)?"))
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
        return argument.matches("[\\w-]+\\.(json|csv|pdf|yaml)(\\*\\d+)?") ? folder.resolve(argument).toString()
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
        StringWriter out = new StringWriter();
        StringWriter err = new StringWriter();
        int status = Main.commandLine(new PrintWriter(out, true), new PrintWriter(err, true))
                .execute(Stream.of(command.split(" +")).map(this::inFolder).toArray(String[]::new));
        assertEquals(0, status, command + "\n" + err + out);
    }

    @Test
    void commandsAreFound() throws IOException {
        List<String> found = commands().toList();
        assertTrue(found.size() >= 9, found.toString());
    }
}
