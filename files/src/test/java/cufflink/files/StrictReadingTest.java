package cufflink.files;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import cufflink.files.csv.CsvTable;
import cufflink.files.csv.CsvWriter;
import cufflink.files.design.BuiltInDesigns;
import cufflink.files.design.DesignFileReader;
import cufflink.files.design.DesignLibrary;
import cufflink.files.project.ProjectReader;
import cufflink.files.project.ProjectWriter;
import cufflink.paper.PaperRole;
import cufflink.plan.Project;
import cufflink.problem.Outcome;
import java.util.ArrayList;
import java.util.List;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.StringLength;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/** What is wrong in a file is said, not passed over. */
class StrictReadingTest {
    private static final Project GATE = Plans.project("overlapping-gate").withSet("cover", "98 mm");
    private static final String TEXT = ProjectWriter.text(GATE);

    private static Outcome<Project> read(String text) {
        return ProjectReader.read("gate.json", text, DesignLibrary.builtIn());
    }

    private static void refused(String text, String reason) {
        Outcome<Project> read = read(text);
        assertTrue(read.value().isEmpty() && read.problems().toString().contains(reason), read.problems().toString());
    }

    @ParameterizedTest
    @ValueSource(strings = {"null", "1", "[]", "\"98 mm\"", "{ \"cover\" : 98 }", "{ \"cover\" : null }"})
    void setMeasures_areAnObjectOfTexts(String value) {
        refused(TEXT.replaceAll("\"set\" : \\{[^}]*}", "\"set\" : " + value), "set");
    }

    @Test
    void setMeasures_mustBeThere() {
        refused(TEXT.replaceAll("\"set\" : \\{[^}]*},", ""), "set");
    }

    @Test
    void textAfterTheEnd_isRefused() {
        refused(TEXT + "{}", "after the end");
        refused(TEXT + "x", "damaged");
    }

    @Test
    void fieldTwice_isRefused() {
        refused(TEXT.replaceFirst("\"copies\"", "\"copies\" : 3, \"copies\""), "twice");
    }

    @ParameterizedTest
    @ValueSource(ints = {0, -1})
    void versionThatNeverWas_isRefused(int version) {
        refused(TEXT.replace("\"cufflinkProject\" : 1", "\"cufflinkProject\" : " + version), "not a Cufflink project");
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', value = {"\"directional\" : false|\"directional\" : \"no\"",
        "\"panels\" : [ ]|\"panels\" : { }", "\"weight\" : 250.0|\"weight\" : 0"})
    void valueOfAnotherKind_isRefused(String right, String wrong) {
        assertTrue(TEXT.contains(right), TEXT);
        refused(TEXT.replace(right, wrong), "expected");
    }

    @Test
    void missingPaper_isNamed_theUsualOneTaken_andTheProjectKept() {
        Project holder = Plans.project("back-fold-holder");
        PaperRole role = holder.design().pieces().get(1).what().material();
        String without = ProjectWriter.text(holder).replace("\"" + role + "\" : {", "\"mat board\" : {");
        Outcome<Project> read = read(without);
        assertTrue(read.problems().toString().contains("no paper for “" + role + "”"), read.problems().toString());
        assertEquals("Plain card 250", read.value().get().paper(role).name());
    }

    @Test
    void secondYamlDocument_isRefused() {
        String two = BuiltInDesigns.text("half-fold") + "\n---\nid: other\n";
        assertTrue(DesignFileReader.read("two.yaml", two).problems().toString().contains("second document"));
    }

    @Test
    void materialNamedLikeALayer_isRefused() {
        String named = BuiltInDesigns.text("back-fold-holder").replaceFirst("material: \\w+", "material: mat 1");
        assertTrue(DesignFileReader.read("holder.yaml", named).problems().toString().contains("paper of a layer"),
                named);
    }

    @Property(tries = 300)
    void everyText_isReadBackFromATable_andRunsNowhereAsAFormula(@ForAll List<@StringLength(max = 12) String> texts) {
        List<List<String>> rows = new ArrayList<>(
                List.of(List.of("first", "=1+1"), List.of("'=x", "''@y"), List.of("-4", "+1")));
        texts.stream().map(String::strip)
                .filter(text -> !text.isEmpty() && text.chars().allMatch(letter -> letter >= ' '))
                .forEach(text -> rows.add(List.of("k", text)));
        String table = CsvWriter.write(List.of("key", "text"), rows);
        List<List<String>> back = CsvTable.parse(table, "t.csv", List.of("key")).orThrow().rows().stream()
                .map(row -> List.of(row.text("key"), row.text("text"))).toList();
        assertEquals(rows, back);
    }

    @ParameterizedTest
    @ValueSource(strings = {"=1+1", "+1", "-cmd", "@sum(a1)"})
    void textLikeAFormula_isGuarded(String text) {
        assertTrue(CsvWriter.write(List.of("text"), List.of(List.of(text))).lines().skip(1).findFirst().orElseThrow()
                .startsWith("'"));
    }
}
