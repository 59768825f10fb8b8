package cufflink.files;

import static org.junit.jupiter.api.Assertions.assertEquals;

import cufflink.design.PanelRef;
import cufflink.files.design.DesignFileReader;
import cufflink.fold.FlatFoldedState;
import cufflink.measure.RulerStep;
import cufflink.plan.Plan;
import cufflink.plan.Project;
import java.util.List;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.locationtech.jts.geom.Envelope;

/** Parts that are turned in their plane where they lie. */
class TurnedPartsTest {
    /** However it is turned, and whichever panel of it is glued, its outline comes to its place. */
    @ParameterizedTest
    @CsvSource({"0, open", "90, open", "180, open", "270, open", "-90, wrapped", "180, wrapped", "180, cover"})
    void partThatIsTurned_liesWithItsOutlineAtItsPlace(int turn, String end) {
        String file = """
            id: turned
            of: half-fold
            title: Turned
            group: test
            parts:
              sleeve: {design: notch-sleeve, on: base.back, face: inside, at: [1/4 in, 1/2 in], turn: TURN deg}
            """.replace("TURN", String.valueOf(turn));
        Plan plan = Plans
                .plan(Project.of(DesignFileReader.read("turned.yaml", file).orThrow(), RulerStep.SIXTEENTH_INCH)
                        .withSet("sleeve.end", end).withSet("sleeve.out", "1 in").withSet("sleeve.left", "2 1/2 in"));
        FlatFoldedState flat = plan.workings().stacked().flat().orElseThrow();
        Envelope back = flat.state().footprint(new PanelRef("base", "back")).getEnvelopeInternal();
        Envelope front = flat.state().footprint(new PanelRef("sleeve.strip", "front")).getEnvelopeInternal();
        assertEquals(List.of(25.4 / 4, 25.4 / 2), List.of(Math.round((front.getMinX() - back.getMinX()) * 1e6) / 1e6,
                Math.round((front.getMinY() - back.getMinY()) * 1e6) / 1e6));
        assertEquals(turn % 180 == 0, front.getWidth() > front.getHeight());
    }
}
