package cufflink.cut;

import cufflink.cut.Demand.Kind;
import cufflink.problem.Place;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.stream.IntStream;

/**
 * Fills sheet after sheet at once: the kinds in a given order, each rectangle into the free part that it fits closest,
 * splitting that part with one or two edge-to-edge cuts. Cost for n rectangles: O(n · free parts).
 */
final class Greedy {
    /** Which way the first of the two cuts around a rectangle runs. */
    enum Split {
        UPRIGHT_FIRST, LEVEL_FIRST, LARGEST_REST
    }

    /** Orders in which kinds are laid. */
    static final List<Comparator<Kind>> ORDERS = List.of(
            Comparator.comparing(Kind::width).thenComparing(Kind::height).reversed(),
            Comparator.comparing(Kind::height).thenComparing(Kind::width).reversed(),
            Comparator.comparingDouble(Kind::area).reversed());

    private record Part(long x, long y, long width, long height) {
    }

    private record Place(Part part, boolean turned, long slack) {
    }

    private final Demand demand;
    private final int stock;
    private final Split split;
    private final List<Part> free = new ArrayList<>();
    private final Fill.Builder fill;

    private Greedy(Demand demand, int stock, Split split) {
        this.demand = demand;
        this.stock = stock;
        this.split = split;
        this.fill = new Fill.Builder(demand, stock);
        free.add(new Part(0, 0, demand.sheetWidth(stock), demand.sheetHeight(stock)));
    }

    /** The kinds in an order. */
    static List<Integer> ordered(Demand demand, Comparator<Kind> order) {
        return IntStream.range(0, demand.kinds.size()).boxed().sorted(Comparator.comparing(demand.kinds::get, order))
                .toList();
    }

    /** Fills sheets, offcuts first, until nothing is left or nothing more fits; takes what it uses from both arrays. */
    static List<Fill> fill(Demand demand, int[] left, int[] supply, List<Integer> order, Split split) {
        List<Fill> fills = new ArrayList<>();
        for (int stock = 0; stock < demand.stock.size(); stock++) {
            while (supply[stock] > 0 && !Demand.isNone(left)) {
                Fill fill = one(demand, stock, left, order, split);
                if (fill.spots().isEmpty()) {
                    break;
                }
                supply[stock]--;
                fills.add(fill);
            }
        }
        return fills;
    }

    /** Fills one sheet and takes what lies on it from {@code left}. */
    static Fill one(Demand demand, int stock, int[] left, List<Integer> order, Split split) {
        Greedy greedy = new Greedy(demand, stock, split);
        for (int kind : order) {
            while (left[kind] > 0 && greedy.place(kind)) {
                left[kind]--;
            }
        }
        return greedy.fill.done();
    }

    private boolean place(int kind) {
        Place best = null;
        for (Part part : free) {
            best = better(best, part, kind, false);
            best = better(best, part, kind, true);
        }
        if (best == null) {
            return false;
        }
        free.remove(best.part());
        cutOut(kind, best);
        return true;
    }

    private Place better(Place best, Part part, int kind, boolean turned) {
        long w = width(kind, turned);
        long h = width(kind, !turned);
        if (!demand.may(kind, stock, turned) || w > part.width() || h > part.height()
                || !isUprightFirst(part, w, h) && !isLevelPossible(part, w, h)) {
            return best;
        }
        long slack = Math.min(part.width() - w, part.height() - h);
        return best == null || slack < best.slack() ? new Place(part, turned, slack) : best;
    }

    private long width(int kind, boolean turned) {
        return turned ? demand.kinds.get(kind).height() : demand.kinds.get(kind).width();
    }

    /** Whether the blade makes the cuts if the upright one comes first. */
    private boolean isUprightPossible(Part part, long w, long h) {
        return (part.height() <= demand.blade || part.width() == w) && (w <= demand.blade || part.height() == h);
    }

    private boolean isLevelPossible(Part part, long w, long h) {
        return (part.width() <= demand.blade || part.height() == h) && (h <= demand.blade || part.width() == w);
    }

    private boolean isUprightFirst(Part part, long w, long h) {
        boolean wanted = switch (split) {
            case UPRIGHT_FIRST -> true;
            case LEVEL_FIRST -> false;
            case LARGEST_REST -> part.width() - w > part.height() - h;
        };
        return wanted ? isUprightPossible(part, w, h) : !isLevelPossible(part, w, h) && isUprightPossible(part, w, h);
    }

    private void cutOut(int kind, Place place) {
        Part part = place.part();
        long w = width(kind, place.turned());
        long h = width(kind, !place.turned());
        if (isUprightFirst(part, w, h)) {
            long left = trimmed(w, part.width());
            fill.cut(true, left, part.x(), part.y(), part.width(), part.height());
            fill.cut(false, trimmed(h, part.height()), part.x(), part.y(), left, part.height());
            keep(part.x() + left, part.y(), part.width() - left, part.height());
            keep(part.x(), part.y() + trimmed(h, part.height()), left, part.height() - trimmed(h, part.height()));
        } else {
            long upper = trimmed(h, part.height());
            fill.cut(false, upper, part.x(), part.y(), part.width(), part.height());
            fill.cut(true, trimmed(w, part.width()), part.x(), part.y(), part.width(), upper);
            keep(part.x(), part.y() + upper, part.width(), part.height() - upper);
            keep(part.x() + trimmed(w, part.width()), part.y(), part.width() - trimmed(w, part.width()), upper);
        }
        fill.put(kind, place.turned(), part.x(), part.y());
    }

    /** Where a part is cut for a side: at the side, or not at all where nobody would trim so little. */
    private static long trimmed(long side, long part) {
        return part - side < Block.LEAST ? part : side;
    }

    private void keep(long x, long y, long width, long height) {
        if (width > 0 && height > 0) {
            free.add(new Part(x, y, width, height));
        }
    }
}
