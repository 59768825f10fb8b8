package cufflink.files;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import cufflink.files.stash.StashCsv;
import cufflink.die.Die;
import cufflink.die.DieShape;
import cufflink.files.design.SvgPaths;
import cufflink.measure.Length;
import cufflink.measure.LengthUnit;
import cufflink.paper.SheetSize;
import cufflink.problem.Outcome;
import cufflink.problem.Problem;
import cufflink.stash.Stash;
import cufflink.stash.StashEnvelope;
import cufflink.stash.StashItem;
import cufflink.stash.StashPaper;
import cufflink.stash.StashPunch;
import cufflink.stash.StashRibbon;
import java.io.IOException;
import java.math.BigDecimal;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

class StashCsvTest {
    @TempDir
    private Path folder;

    private Outcome<List<StashItem>> read(String text) throws IOException {
        Path file = folder.resolve("stash.csv");
        Files.writeString(file, text);
        return StashCsv.read(file, LengthUnit.INCH);
    }

    @Test
    void whatIsWritten_isReadBackEqual() throws IOException {
        List<StashItem> items = List.of(StashDatabaseTest.SHEETS,
                StashDatabaseTest.SHEETS.offcut(Length.ofInches(31, 16), Length.ofMillimetres(100), 2),
                new StashRibbon(0, "Silver, thin", Length.ofMillimetres(6), Length.ofMillimetres(2400), "#C0C7CC",
                        Optional.of(new BigDecimal("0.80")), "says \"comet\""),
                new StashEnvelope(0, "A6", new SheetSize(Length.ofInches(19, 4), Length.ofInches(13, 2)),
                        Optional.of(new SheetSize(Length.ofInches(75, 16), Length.ofInches(13, 2))), 25,
                        Optional.of(new BigDecimal("0.12")), ""),
                new StashPunch(0, "Large star", StashDatabaseTest.SCALLOPED,
                        Optional.of(new SheetSize(Length.ofMillimetres(60), Length.ofMillimetres(60))),
                        Optional.empty(),
                        "Stars", Optional.of(300), ""),
                StashPunch.of("Drop", new Die(DieShape.TRACED, new SheetSize(Length.ofMillimetres(20),
                        Length.ofMillimetres(40)), 0, SvgPaths.read("drop", "M 0 0 L 10 20 L 20 0 Z").value())),
                StashPunch.of("Odd one", Die.untold(new SheetSize(Length.ofMillimetres(9), Length.ofMillimetres(7)))));
        assertEquals(items, read(StashCsv.write(new Stash(items))).orThrow());
    }

    @Test
    void fewColumnsInAnyOrder_areEnough() throws IOException {
        StashItem item = read("Width;Height;Kind;Name\n12;12 1/2;paper;Midnight 270\n").orThrow().get(0);
        assertEquals(new SheetSize(Length.ofInches(12), Length.ofInches(25, 2)), ((StashPaper) item).size());
    }

    @Test
    void everyMistake_isNamedByLine_andNothingIsRead() throws IOException {
        Outcome<List<StashItem>> outcome = read(
                "kind,name,width,height,count,face\npaper,Fine,8 "
                        + "1/2,11,3,\npaper,Broad,wide,11,-2,blue\ncardboard,X,1,1,,\n");
        assertTrue(outcome.value().isEmpty());
        assertEquals(List.of("stash.csv, line 3", "stash.csv, line 3", "stash.csv, line 3", "stash.csv, line 4"),
                outcome.problems().stream().map(Problem::where).toList());
        String text = outcome.problems().stream().map(Problem::text).reduce("", (all, one) -> all + "\n" + one);
        for (String part : List.of("Width cannot be read: “wide”", "“-2” is not a whole number from 0",
                "“blue” is not a colour", "“cardboard” is not known")) {
            assertTrue(text.contains(part), part + " in " + text);
        }
    }

    @Test
    void missingColumns_areNamed() throws IOException {
        assertEquals(
                "stash.csv, line 1: The heading has no width, no height. Begin the file with a line such as "
                        + "kind,name,width,height.",
                read("kind,name\npaper,Fine\n").problems().get(0).text());
    }
}
