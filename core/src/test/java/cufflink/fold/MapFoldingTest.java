package cufflink.fold;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import cufflink.TestPieces;
import cufflink.crease.CreasePattern;
import cufflink.crease.VertexConditions;
import cufflink.design.CreaseRef;
import cufflink.design.Fold;
import cufflink.design.PanelRef;
import cufflink.design.Score;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import java.util.TreeSet;
import java.util.function.Predicate;
import org.junit.jupiter.api.Test;

/**
 * Maps of two rows with columns and rows of any size, every stretch of a crease marked at random: a map is taken
 * exactly where some order of its cells, all tried plainly, is one that paper can have. {@code -Dcufflink.maps=10000}
 * in full.
 */
class MapFoldingTest {
    private static final int MANY = Integer.getInteger("cufflink.maps", 60);

    private record MarkedMap(CreasePattern pattern, Map<CreaseRef, Double> shut) {
        Optional<FoldedState> folded() {
            return new Folder(Assembly.of(pattern, pattern.panels().get(0).id())).fold(shut).value();
        }
    }

    /** Columns and rows of whole centimetres; {@code off} millimetres by which one stretch misses its vertex. */
    private static MarkedMap map(Random random, int columns, double off) {
        int[] widths = random.ints(columns, 1, 5).toArray();
        int[] heights = random.ints(2, 1, 5).toArray();
        double height = 10.0 * (heights[0] + heights[1]);
        double middle = 10.0 * heights[0];
        List<Score> scores = new ArrayList<>();
        double left = 0;
        for (int column = 0; column < columns; column++) {
            double right = left + 10.0 * widths[column];
            scores.add(mark(random, "level" + column, left, middle, right, middle));
            if (column + 1 < columns) {
                scores.add(mark(random, "upper" + column, right, 0, right, middle));
                scores.add(mark(random, "lower" + column, right, middle, right + (column == 0 ? off : 0), height));
            }
            left = right;
        }
        CreasePattern pattern = Maps.pattern(left, height, scores, 0);
        Map<CreaseRef, Double> shut = new LinkedHashMap<>();
        scores.forEach(score -> shut.put(new CreaseRef("base", score.id()), 180.0));
        return new MarkedMap(pattern, shut);
    }

    private static Score mark(Random random, String id, double x1, double y1, double x2, double y2) {
        return TestPieces.score(id, random.nextBoolean() ? Fold.VALLEY : Fold.MOUNTAIN, x1, y1, x2, y2);
    }

    private static boolean anyOrder(List<PanelRef> chosen, List<PanelRef> rest, Predicate<List<PanelRef>> accepted) {
        if (rest.isEmpty()) {
            return accepted.test(chosen);
        }
        for (PanelRef next : rest) {
            List<PanelRef> longer = new ArrayList<>(chosen);
            longer.add(next);
            if (anyOrder(longer, rest.stream().filter(other -> !other.equals(next)).toList(), accepted)) {
                return true;
            }
        }
        return false;
    }

    private static Set<String> names(CreasePattern pattern) {
        Set<String> names = new TreeSet<>();
        pattern.hinges().forEach(hinge -> names.add(hinge.crease()));
        return names;
    }

    @Test
    void map_isTaken_exactlyWhereAnOrderOfItsCellsIsPaper() {
        Random random = new Random(12);
        int taken = 0;
        for (int i = 0; i < MANY; i++) {
            MarkedMap map = map(random, 2 + i % 2, 0);
            FoldedState state = map.folded().orElseThrow();
            boolean paper = anyOrder(List.of(), state.assembly().panels(),
                    order -> LayerOrderVerifier.verify(state, order).value().isPresent());
            boolean found = VertexConditions.check(map.pattern(), names(map.pattern())).isEmpty()
                    && LayerProblem.of(state).solve().value().isPresent();
            assertEquals(paper, found, map.pattern().hinges().toString());
            taken += paper ? 1 : 0;
        }
        assertTrue(taken > MANY / 20 && taken < MANY / 2, taken + " of " + MANY + " maps fold");
    }

    @Test
    void mapThatIsOff_isRefused() {
        Random random = new Random(21);
        for (int i = 0; i < MANY; i++) {
            double off = Math.pow(10, -random.nextInt(4));
            MarkedMap map = map(random, 2, off);
            assertTrue(!VertexConditions.check(map.pattern(), names(map.pattern())).isEmpty()
                    || map.folded().isEmpty(), "off by " + off + " mm: " + map.pattern().hinges());
        }
    }
}
