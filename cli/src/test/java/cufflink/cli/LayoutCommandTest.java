package cufflink.cli;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import java.io.IOException;
import java.io.PrintWriter;
import java.io.StringWriter;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class LayoutCommandTest {
    private static final String PIECES = "id,quantity,width,height,material,direction\n";
    private static final String STOCK = "id,material,width,height,count,offcut,direction\n";

    @TempDir
    private Path folder;
    private final StringWriter out = new StringWriter();
    private final StringWriter err = new StringWriter();

    private int run(String pieces, String stock, String... more) throws IOException {
        Files.writeString(folder.resolve("pieces.csv"), pieces);
        Files.writeString(folder.resolve("stock.csv"), stock);
        List<String> arguments = new ArrayList<>(List.of("layout", "--pieces", folder.resolve("pieces.csv").toString(),
                "--stock", folder.resolve("stock.csv").toString()));
        arguments.addAll(List.of(more));
        return Main.commandLine(new PrintWriter(out, true), new PrintWriter(err, true))
                .execute(arguments.toArray(new String[0]));
    }

    private JsonNode json() throws IOException {
        return new ObjectMapper().readTree(out.toString());
    }

    /**
     * Common practice: an 8 in square gives four 3 × 4, a 12 in square three strips of 4 × 12, Letter six of 3¼ × 4¼,
     * A4 two A5.
     */
    @ParameterizedTest
    @CsvSource({"4,3,4,8,8", "3,4,12,12,12", "6,3.25,4.25,8.5,11", "2,148 mm,210 mm,210 mm,297 mm"})
    void commonYields_comeFromOneSheet_proved(int quantity, String width, String height, String sheetWidth,
            String sheetHeight) throws IOException {
        assertEquals(0, run(PIECES + "card," + quantity + "," + width + "," + height + ",card,\n",
                STOCK + "sheet,card," + sheetWidth + "," + sheetHeight + ",,no,\n", "--format", "json"));
        assertEquals(1, json().path("newSheets").asInt());
        assertEquals(1, json().path("bound").asInt());
        assertTrue(json().path("proved").asBoolean());
        assertEquals(quantity, json().path("sheets").get(0).path("placements").size());
        assertTrue(json().path("unplaced").isEmpty() && json().path("seconds").isNumber());
    }

    @Test
    void copies_multiplyQuantities_andOffcutsComeFirst() throws IOException {
        assertEquals(0,
                run(PIECES + "card,2,100 mm,140 mm,card,\n",
                        STOCK + "left,card,110 mm,150 mm,3,yes,\nA4,card,210 mm,297 mm,,no,\n", "--copies", "3",
                        "--format", "json"));
        assertEquals(4, json().path("used").asInt());
        assertEquals(1, json().path("newSheets").asInt());
        assertTrue(json().path("sheets").get(0).path("offcut").asBoolean());
    }

    @Test
    void directionOfAPiece_keepsItFromTurning() throws IOException {
        assertEquals(1, run(PIECES + "card,1,290 mm,200 mm,card,yes\n", STOCK + "A4,card,210 mm,297 mm,,no,\n",
                "--format", "json"));
        assertEquals("card", json().path("unplaced").get(0).asText());
    }

    @ParameterizedTest
    @CsvSource({"must,1", "prefer,0", "ignore,0"})
    void grain_bindsAsFarAsItIsTold(String rule, int status) throws IOException {
        assertEquals(status, run(PIECES + "card,1,290 mm,200 mm,card,width\n",
                STOCK + "A4,card,210 mm,297 mm,,no,width\n", "--grain", rule));
    }

    /** A number without a unit is in millimetres where the sheets are larger than any sheet in inches. */
    @ParameterizedTest
    @CsvSource({"8.5,11,8.5 in", "210,297,8.2677 in"})
    void numbersWithoutAUnit_areToldFromTheSheets(String width, String height, String expected) throws IOException {
        assertEquals(0, run(PIECES + "card,1,3,4,card,\n", STOCK + "sheet,card," + width + "," + height + ",,,\n",
                "--format", "json"));
        double millimetres = Double.parseDouble(expected.replace(" in", "")) * 25.4;
        assertEquals(millimetres, json().path("sheets").get(0).path("width").path("mm").asDouble(), 0.01);
    }

    @Test
    void everyMistakeInBothFiles_isNamed_andThereIsNoPlan() throws IOException {
        assertEquals(2, run(PIECES + "card,0,abc,5,card,maybe\ncard,1,1,1,card,\n", STOCK + ",card,8,-3,x,perhaps,\n"));
        assertEquals("", out.toString());
        for (String part : List.of("pieces.csv, line 2: Quantity “0”", "line 2: Direction “maybe”",
                "line 2: Width cannot be read", "line 3: Id “card” stands in the table twice",
                "stock.csv, line 2: Id is empty", "line 2: Count “x”", "line 2: Offcut “perhaps”")) {
            assertTrue(err.toString().contains(part), part + "\n" + err);
        }
    }

    @ParameterizedTest
    @CsvSource({"--copies,0", "--seconds,-1", "--unit,furlong", "--blade,long"})
    void badOption_isNamed(String option, String value) throws IOException {
        assertEquals(2, run(PIECES + "card,1,3,4,card,\n", STOCK + "sheet,card,8,11,,,\n", option, value));
        assertTrue(err.toString().contains(option), err.toString());
    }

    @Test
    void text_saysHowManyTheLeastAndEachSetting() throws IOException {
        assertEquals(0, run(PIECES + "card,4,3,4,card,\n", STOCK + "square,card,8,8,,no,\n"));
        for (String part : List.of("1 sheet gives every piece, and 1 is the least possible.",
                "1 × square, 8 × 8 in: 4 × card", "The sheet divides into 4 alike and one strip.", "Fence at 4 in",
                "Keep 8 × 2 in.")) {
            assertTrue(out.toString().contains(part), part + "\n" + out);
        }
    }

    @Test
    void missingFile_isNamed() {
        int status = Main.commandLine(new PrintWriter(out, true), new PrintWriter(err, true)).execute("layout",
                "--pieces", folder.resolve("none.csv").toString(), "--stock", folder.resolve("none.csv").toString());
        assertEquals(2, status);
        assertTrue(err.toString().contains("none.csv: There is no such file."), err.toString());
    }
}
