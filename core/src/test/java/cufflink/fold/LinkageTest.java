package cufflink.fold;

import static org.junit.jupiter.api.Assertions.assertEquals;

import cufflink.TestPieces;
import cufflink.crease.CreasePattern;
import cufflink.design.CreaseRef;
import cufflink.design.Fold;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;

/** The slopes by which loops are solved, against differences of the gaps themselves. */
class LinkageTest {
    private static final List<CreaseRef> CREASES = List.of(new CreaseRef("base", "falling"),
            new CreaseRef("base", "rising"), new CreaseRef("base", "upright"));

    private static final int[] LOOP = {0};

    @Property(tries = 60, seed = "4")
    void slope_isWhatTheGapsGrowBy(@ForAll @DoubleRange(min = -170, max = 170) double a,
            @ForAll @DoubleRange(min = -170, max = 170) double b,
            @ForAll @DoubleRange(min = -170, max = 170) double c) {
        CreasePattern pattern = Maps.pattern(80, 80,
                List.of(TestPieces.score("falling", Fold.VALLEY, 0, 0, 80, 80),
                        TestPieces.score("rising", Fold.VALLEY, 0, 80, 80, 0),
                        TestPieces.score("upright", Fold.MOUNTAIN, 40, 0, 40, 80)),
                6);
        Linkage linkage = new Linkage(Assembly.of(pattern, pattern.panels().get(2).id()));
        Map<CreaseRef, Double> angles = new HashMap<>(Map.of(CREASES.get(0), a, CREASES.get(1), b, CREASES.get(2), c));
        for (CreaseRef crease : CREASES) {
            double[] slope = new LinkageState(linkage, linkage.angles(angles))
                    .slopes(linkage.numbers(List.of(crease)), LOOP).getData();
            double[] less = gaps(linkage, angles, crease, -1e-4);
            double[] more = gaps(linkage, angles, crease, 1e-4);
            for (int i = 0; i < slope.length; i++) {
                assertEquals((more[i] - less[i]) / 2e-4, slope[i], 1e-5);
            }
        }
    }

    private static double[] gaps(Linkage linkage, Map<CreaseRef, Double> angles, CreaseRef crease, double step) {
        Map<CreaseRef, Double> moved = new HashMap<>(angles);
        moved.merge(crease, step, Double::sum);
        return new LinkageState(linkage, linkage.angles(moved)).gaps(LOOP);
    }
}
