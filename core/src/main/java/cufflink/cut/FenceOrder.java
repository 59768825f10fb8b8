package cufflink.cut;

import cufflink.measure.Length;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/**
 * Puts the cuts of a sheet in an order of work: none before the cut that frees its part; while the fence stands,
 * everything that can be cut at that setting; then the setting at which the most cuts wait, the longest cut first among
 * equals.
 */
final class FenceOrder {
    private FenceOrder() {
    }

    static List<Cut> order(List<Cut> cuts, Length sheetWidth, Length sheetHeight) {
        List<Cut> waiting = new ArrayList<>(cuts);
        List<SheetLayout.Part> parts = new ArrayList<>(
                List.of(new SheetLayout.Part(Length.ZERO, Length.ZERO, sheetWidth, sheetHeight)));
        List<Cut> ordered = new ArrayList<>();
        while (!waiting.isEmpty()) {
            List<Cut> ready = waiting.stream().filter(cut -> parts.contains(whole(cut))).toList();
            Cut next = next(ready, ordered);
            waiting.remove(next);
            parts.remove(whole(next));
            parts.add(next.near());
            parts.add(next.far());
            ordered.add(next.numbered(ordered.size() + 1));
        }
        return ordered;
    }

    private static SheetLayout.Part whole(Cut cut) {
        return new SheetLayout.Part(cut.x(), cut.y(), cut.width(), cut.height());
    }

    private static Cut next(List<Cut> ready, List<Cut> done) {
        Map<Length, Integer> settings = new LinkedHashMap<>();
        ready.forEach(cut -> settings.merge(cut.at(), 1, Integer::sum));
        Length stands = done.isEmpty() ? Length.ZERO : done.get(done.size() - 1).at();
        return ready.stream()
                .max(Comparator.comparing((Cut cut) -> cut.at().equals(stands))
                        .thenComparing(cut -> settings.get(cut.at())).thenComparing(Cut::length)
                        .thenComparing(Cut::at).thenComparing(cut -> -cut.number()))
                .orElseThrow();
    }
}
