package cufflink.fold;

import static org.junit.jupiter.api.Assertions.assertEquals;

import cufflink.TestDesigns;
import cufflink.crease.CreasePattern;
import cufflink.crease.CreasePatternBuilder;
import cufflink.design.CreaseRef;
import cufflink.design.PanelRef;
import java.util.ArrayList;
import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/**
 * The verifier as judge of all orders of all crease assignments of a strip of stamps: it must accept as many as are
 * published (OEIS A000136: ways to fold a strip of n labelled stamps: 1, 2, 6, 16, 50, 144 ...). Settled by hand for n
 * = 2: the two orders of two stamps.
 */
class StampFoldingTest {
    @ParameterizedTest
    @CsvSource({"1,1", "2,2", "3,6", "4,16", "5,50"})
    void acceptedOrders_areAsManyAsPublished(int stamps, int published) {
        int count = 0;
        for (int assignment = 0; assignment < 1 << (stamps - 1); assignment++) {
            count += accepted(stamps, assignment);
        }
        assertEquals(published, count);
    }

    private static int accepted(int stamps, int assignment) {
        StringBuilder folds = new StringBuilder();
        Map<CreaseRef, Double> shut = new LinkedHashMap<>();
        for (int i = 1; i < stamps; i++) {
            folds.append((assignment >> (i - 1) & 1) == 0 ? 'v' : 'm');
            shut.put(new CreaseRef("base", "c" + i), 180.0);
        }
        CreasePattern pattern = CreasePatternBuilder.build(
                TestDesigns.sized(TestDesigns.strip(Collections.nCopies(stamps, "1 in"), folds.toString(), List.of()))
                        .pieces().get(0))
                .orThrow();
        FoldedState state = new Folder(Assembly.of(pattern, "p1")).fold(shut).orThrow();
        return count(state, new ArrayList<>(), state.assembly().panels());
    }

    private static int count(FoldedState state, List<PanelRef> chosen, List<PanelRef> rest) {
        if (rest.isEmpty()) {
            return LayerOrderVerifier.verify(state, chosen).value().isPresent() ? 1 : 0;
        }
        int sum = 0;
        for (PanelRef next : rest) {
            List<PanelRef> longer = new ArrayList<>(chosen);
            longer.add(next);
            sum += count(state, longer, rest.stream().filter(other -> !other.equals(next)).toList());
        }
        return sum;
    }
}
