package cufflink.files;

import static org.junit.jupiter.api.Assertions.assertEquals;

import cufflink.design.DesignDefinition;
import cufflink.directions.Directions;
import cufflink.directions.DirectionsReader;
import cufflink.directions.ReadPiece;
import cufflink.directions.ReadScore;
import cufflink.directions.match.DesignMatch;
import cufflink.directions.match.Unmatched;
import cufflink.directions.study.DirectionsStudy;
import cufflink.directions.writing.DirectionsWriter;
import cufflink.files.design.BuiltInDesigns;
import cufflink.measure.RulerStep;
import cufflink.plan.Planner;
import cufflink.plan.Project;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** Directions that leave a score out, have one too many, or tell none at all: the design is found nevertheless. */
class OddScoreTest {
    private static final DirectionsStudy STUDY = new DirectionsStudy(BuiltInDesigns.all());

    private static Directions read(String text) {
        return new DirectionsReader().read(text, Optional.empty()).orThrow();
    }

    private static DirectionsStudy.Study study(String text) {
        return STUDY.of(read(text));
    }

    private static List<String> found(String text) {
        return study(text).findings().stream().map(finding -> finding.text().sentence() + finding.suggestion()
                .map(edit -> " -> " + edit.text()).orElse("")).toList();
    }

    @Test
    void aScoreThatIsLeftOut_isToldWithItsPlace() {
        assertEquals(List.of("“M-fold holder” has a further score on the strip, at 5 1/2 in; the text leaves it out."
                + " -> 5 1/2 in and 8 in"),
                found("Strip 11 x 4 1/4 in, score at 3 and 8.\nFront mat 2 3/4 x 4 in."));
    }

    @Test
    void aScoreTooMany_isTold() {
        assertEquals(List.of("The base is scored at 8 in; “Overlapping gate” has no score there."),
                found("Gate card: base 10 5/16 x 5 1/2 in, scored at 2 1/2, 6 3/4 and 8 in.\n"
                        + "Mat for the centre 4 x 5 1/4, mat for the wide leaf 3 5/16 x 5 1/4."));
    }

    @Test
    void whatIsMeasuredFromTheRight_isToldFromTheRight() {
        DesignMatch match = study("Banded accordion\nStrip 10 1/2 x 4 1/4, scores from the right at 3, 8 1/4\n"
                + "Band 6 7/8 x 1 1/16, scores 1 7/8, 5 1/16").designs().get(0);
        assertEquals("banded-accordion", match.design().id());
        assertEquals(List.of("Strip: score at 5 5/8 in"), match.only().inDesign());
    }

    /** A cut list is no fault. */
    @Test
    void scoresThatAreToldNowhere_areNoFault() {
        DirectionsStudy.Study study = study("Card base 8 1/2 x 5 1/2, pocket 4 1/4 x 2 3/8, 2 mats 4 x 5 1/4");
        assertEquals("pocket-fold", study.design().map(match -> match.design().id()).orElse(""));
        assertEquals(List.of("Base: all scores"), study.design().orElseThrow().only().inDesign());
        assertEquals(List.of(), study.findings());
    }

    /** Too little speaks for the design to say that its score was meant. */
    @Test
    void ofAPieceAlone_noScoreIsMissed() {
        assertEquals(List.of(), found("Strip 11 x 4 1/4 in, score at 3 and 8."));
    }

    /** Of every piece of a design's own text that has more than one score the middle one is left out. */
    @ParameterizedTest
    @ValueSource(strings = {"accordion", "banded-accordion", "belly-band", "gusset-purse", "m-fold-holder",
        "overlapping-gate", "secret-panel", "sleeve-folio", "spine-fold"})
    void aDesignsOwnTextWithoutOneScore_isFoundAndTheScoreNamed(String id) {
        DesignDefinition design = BuiltInDesigns.all().stream().filter(one -> one.id().equals(id)).findFirst()
                .orElseThrow();
        Directions whole = read(
                DirectionsWriter.write(Planner.plan(Project.of(design, RulerStep.SIXTEENTH_INCH)).orThrow()));
        for (int i = 0; i < whole.pieces().size(); i++) {
            List<ReadScore> scores = whole.pieces().get(i).scores();
            if (scores.size() > 1) {
                ReadScore left = scores.get(scores.size() / 2);
                DesignMatch match = STUDY.of(without(whole, i, scores.size() / 2)).designs().get(0);
                assertEquals(id, match.design().id(), "without " + left.at().length() + " of piece " + i);
                assertEquals(List.of(left.at().length()),
                        match.only().unsaid().stream().map(Unmatched.Line::at).toList());
            }
        }
    }

    private static Directions without(Directions whole, int at, int score) {
        List<ReadPiece> pieces = new ArrayList<>(whole.pieces());
        ReadPiece piece = pieces.get(at);
        List<ReadScore> scores = new ArrayList<>(piece.scores());
        scores.remove(score);
        pieces.set(at, new ReadPiece(piece.name(), piece.quantity(), piece.counted(), piece.width(), piece.height(),
                piece.material(), scores, piece.diagonals(), piece.sheet(), piece.on(), piece.span()));
        return new Directions(whole.text(), whole.unit(), whole.phrases(), pieces, whole.claims(), whole.questions(),
                whole.notUnderstood());
    }
}
