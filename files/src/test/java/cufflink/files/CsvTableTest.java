package cufflink.files;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import cufflink.files.csv.CsvRow;
import cufflink.files.csv.CsvTable;
import cufflink.measure.Length;
import cufflink.measure.LengthUnit;
import cufflink.problem.Problem;
import java.util.ArrayList;
import java.util.List;
import java.util.OptionalInt;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class CsvTableTest {
    private static List<CsvRow> rows(String text) {
        return CsvTable.parse(text, "t.csv", List.of("id", "width")).orThrow().rows();
    }

    @ParameterizedTest
    @ValueSource(strings = {"id,width\na,3 1/2\n", "\uFEFFID, Width \r\na , 3 1/2\r\n", "width;id;more\n3 1/2;a;x\n",
        "id,width\n\n\"a\",\"3 1/2\"\n"})
    void commasOrSemicolons_anyOrderAndCase_emptyLinesAndMarks(String text) {
        CsvRow row = rows(text).get(0);
        assertEquals("a", row.text("id"));
        assertEquals(Length.ofInches(7, 2), row.length("width", LengthUnit.INCH, new ArrayList<>()));
    }

    @Test
    void lineNumbers_areThoseOfTheFile() {
        List<CsvRow> rows = rows("id,width\na,1\n\n\nb,2\n");
        assertEquals(List.of("t.csv, line 2", "t.csv, line 5"), rows.stream().map(CsvRow::where).toList());
    }

    @Test
    void missingColumn_andOpenQuotation_areNamed() {
        assertTrue(CsvTable.parse("id\na\n", "t.csv", List.of("id", "width")).problems().get(0).text()
                .contains("The heading has no width"));
        assertTrue(
                CsvTable.parse("", "t.csv", List.of("id")).problems().get(0).text().contains("The heading has no id"));
        assertTrue(CsvTable.parse("id,width\n\"a,3\n", "t.csv", List.of("id", "width")).problems().get(0).text()
                .contains("quotation mark"));
    }

    @Test
    void cellsThatAreNotThere_areEmpty() {
        List<Problem> problems = new ArrayList<>();
        CsvRow row = rows("id,width,count\na,3\n").get(0);
        assertEquals(OptionalInt.empty(), row.count("count", 0, 9, problems));
        assertEquals("", row.text("unheard of"));
        assertEquals(List.of(), problems);
    }

    @ParameterizedTest
    @ValueSource(strings = {"-1", "10", "1.5", "x", "99999999999"})
    void countOutOfBounds_isAProblem(String typed) {
        List<Problem> problems = new ArrayList<>();
        rows("id,width,count\na,3," + typed + "\n").get(0).count("count", 0, 9, problems);
        assertEquals(List.of("t.csv, line 2: Count “" + typed + "” is not a whole number from 0 to 9."),
                problems.stream().map(Problem::text).toList());
    }
}
