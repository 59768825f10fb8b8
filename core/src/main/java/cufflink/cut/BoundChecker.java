package cufflink.cut;

import cufflink.check.Verdict;
import java.math.BigInteger;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.TreeSet;

/**
 * Verifies what is said about the fewest sheets of a job, in whole numbers and by plainer means than it was found with.
 */
public final class BoundChecker {
    /**
     * What became of a bound: it is true, it does not follow from its reason, or repeating it plainly takes too long.
     */
    public enum Verdict {
        HOLDS, FAILS, TOO_LARGE
    }

    /** Rectangles of which every set is looked at, to repeat a search. */
    private static final int MOST_SETS = 12;
    private static final long MOST_STEPS = 400_000_000;

    private final Demand demand;
    private final Bound bound;

    private BoundChecker(Bound bound) {
        this.bound = bound;
        this.demand = new Demand(bound.job());
    }

    /** Whether every plan of the bound's job needs as many new sheets as it says. */
    public static Verdict verdict(Bound bound) {
        return bound.sheets() <= 0 ? Verdict.HOLDS : new BoundChecker(bound).verdict();
    }

    private Verdict verdict() {
        return bound.reason().accept(new Bound.Cases<>() {
            @Override
            public Verdict area(Bound.Area area) {
                return holds(isMoreByArea());
            }

            @Override
            public Verdict alone(Bound.Alone alone) {
                return holds(isMoreAlone());
            }

            @Override
            public Verdict prices(Bound.Prices prices) {
                return priced(prices);
            }

            @Override
            public Verdict search(Bound.Search search) {
                return searched();
            }
        });
    }

    private static Verdict holds(boolean yes) {
        return yes ? Verdict.HOLDS : Verdict.FAILS;
    }

    private static BigInteger product(long one, long other) {
        return BigInteger.valueOf(one).multiply(BigInteger.valueOf(other));
    }

    /** Whether one sheet fewer, each of them and each offcut worth so much, is worth less than all pieces. */
    private boolean isMore(List<BigInteger> pieces, List<BigInteger> stock) {
        BigInteger rest = BigInteger.ZERO;
        for (int kind = 0; kind < pieces.size(); kind++) {
            rest = rest.add(pieces.get(kind).multiply(BigInteger.valueOf(demand.quantities()[kind])));
        }
        BigInteger sheet = BigInteger.ZERO;
        for (int i = 0; i < stock.size(); i++) {
            if (demand.stock.get(i).offcut()) {
                rest = rest.subtract(stock.get(i).multiply(BigInteger.valueOf(demand.supply()[i])));
            } else {
                sheet = sheet.max(stock.get(i));
            }
        }
        return sheet.multiply(BigInteger.valueOf(bound.sheets() - 1L)).compareTo(rest) < 0;
    }

    private boolean isMoreByArea() {
        List<BigInteger> sheets = new ArrayList<>();
        for (int i = 0; i < demand.stock.size(); i++) {
            sheets.add(product(demand.sheetWidth(i), demand.sheetHeight(i)));
        }
        return isMore(demand.kinds.stream().map(kind -> product(kind.width(), kind.height())).toList(), sheets);
    }

    /**
     * Pieces longer than half of the longest sheet whichever way they lie: two of them lie neither beside nor above
     * each other.
     */
    private boolean isMoreAlone() {
        long longest = 0;
        long offcuts = 0;
        for (int i = 0; i < demand.stock.size(); i++) {
            longest = Math.max(longest, Math.max(demand.sheetWidth(i), demand.sheetHeight(i)));
            offcuts += demand.stock.get(i).offcut() ? demand.supply()[i] : 0;
        }
        long half = longest / 2;
        long alone = demand.kinds.stream().filter(kind -> Math.min(kind.width(), kind.height()) > half)
                .mapToLong(kind -> kind.slots().size()).sum();
        return alone - offcuts >= bound.sheets();
    }

    private Verdict priced(Bound.Prices reason) {
        List<Long> prices = reason.rectangles().stream().map(Bound.Priced::price).toList();
        if (prices.size() != demand.kinds.size() || prices.stream().anyMatch(price -> price < 0)) {
            return Verdict.FAILS;
        }
        List<BigInteger> most = new ArrayList<>();
        for (int stock = 0; stock < demand.stock.size(); stock++) {
            long[] xs = sums(stock, true);
            long[] ys = sums(stock, false);
            if ((long) xs.length * ys.length * (xs.length + ys.length) > MOST_STEPS) {
                return Verdict.TOO_LARGE;
            }
            most.add(BigInteger.valueOf(most(stock, xs, ys, prices)));
        }
        boolean asSaid = most.equals(reason.sheets().stream().map(held -> BigInteger.valueOf(held.most())).toList());
        return holds(asSaid && isMore(prices.stream().map(BigInteger::valueOf).toList(), most));
    }

    /**
     * What sides of rectangles, as they may lie, add up to along a sheet: a cut anywhere else can be moved to one of
     * these places, and everything still fits.
     */
    private long[] sums(int stock, boolean across) {
        long room = across ? demand.sheetWidth(stock) : demand.sheetHeight(stock);
        TreeSet<Long> sides = new TreeSet<>();
        for (int kind = 0; kind < demand.kinds.size(); kind++) {
            for (boolean turned : new boolean[] {false, true}) {
                if (demand.may(kind, stock, turned)) {
                    sides.add(across ? width(kind, turned) : width(kind, !turned));
                }
            }
        }
        TreeSet<Long> sums = new TreeSet<>(List.of(0L));
        for (Long from = 0L; from != null; from = sums.higher(from)) {
            for (long side : sides.headSet(room - from, true)) {
                sums.add(from + side);
            }
        }
        return sums.stream().mapToLong(Long::longValue).toArray();
    }

    private long width(int kind, boolean turned) {
        return turned ? demand.kinds.get(kind).height() : demand.kinds.get(kind).width();
    }

    /**
     * The highest price that cuts from edge to edge get out of a sheet: for every part of it the dearest rectangle, or
     * the best of every way to part it in two.
     */
    private long most(int stock, long[] xs, long[] ys, List<Long> prices) {
        long[][] most = new long[xs.length][ys.length];
        for (int x = 0; x < xs.length; x++) {
            for (int y = 0; y < ys.length; y++) {
                for (int kind = 0; kind < prices.size(); kind++) {
                    for (boolean turned : new boolean[] {false, true}) {
                        boolean fits = demand.may(kind, stock, turned) && width(kind, turned) <= xs[x]
                                && width(kind, !turned) <= ys[y];
                        most[x][y] = fits ? Math.max(most[x][y], prices.get(kind)) : most[x][y];
                    }
                }
                for (int at = 1, rest = x; at < x; at++) {
                    rest = notBeyond(xs, rest, xs[x] - xs[at]);
                    most[x][y] = Math.max(most[x][y], Math.addExact(most[at][y], most[rest][y]));
                }
                for (int at = 1, rest = y; at < y; at++) {
                    rest = notBeyond(ys, rest, ys[y] - ys[at]);
                    most[x][y] = Math.max(most[x][y], Math.addExact(most[x][at], most[x][rest]));
                }
            }
        }
        return most[xs.length - 1][ys.length - 1];
    }

    private static int notBeyond(long[] places, int from, long at) {
        int place = from;
        while (places[place] > at) {
            place--;
        }
        return place;
    }

    /**
     * Every set of few rectangles, each with all its smallest blocks; then every way to deal the sets out to the
     * sheets.
     */
    private Verdict searched() {
        List<Integer> rectangles = new ArrayList<>();
        for (int kind = 0; kind < demand.kinds.size(); kind++) {
            for (int i = 0; i < demand.quantities()[kind]; i++) {
                rectangles.add(kind);
            }
        }
        if (rectangles.size() > MOST_SETS) {
            return Verdict.TOO_LARGE;
        }
        // By new sheets used: the sets that they and the offcuts give together.
        boolean[][] reached = new boolean[bound.sheets()][1 << rectangles.size()];
        reached[0][0] = true;
        for (int stock = 0; stock < demand.stock.size(); stock++) {
            boolean[] fits = setsOfASheet(stock, rectangles);
            int costs = demand.stock.get(stock).offcut() ? 0 : 1;
            for (int i = 0; i < Math.min(demand.supply()[stock], rectangles.size()); i++) {
                for (int sheets = bound.sheets() - 1; sheets >= costs; sheets--) {
                    addOneMore(reached[sheets - costs], fits, reached[sheets]);
                }
            }
        }
        return holds(Arrays.stream(reached).noneMatch(sets -> sets[sets.length - 1]));
    }

    /** Adds every set that is one which was reached and one that fits on one more sheet. */
    private static void addOneMore(boolean[] reached, boolean[] fits, boolean[] more) {
        boolean[] before = reached.clone();
        for (int set = 0; set < before.length; set++) {
            for (int part = set; part > 0 && !more[set]; part = (part - 1) & set) {
                more[set] = before[set & ~part] && fits[part];
            }
        }
    }

    private record Size(long width, long height) {
    }

    /** Which sets of rectangles cuts from edge to edge take out of one sheet. */
    private boolean[] setsOfASheet(int stock, List<Integer> rectangles) {
        List<List<Size>> sizes = new ArrayList<>();
        for (int set = 0; set < 1 << rectangles.size(); set++) {
            List<Size> found = new ArrayList<>();
            if (Integer.bitCount(set) == 1) {
                int kind = rectangles.get(Integer.numberOfTrailingZeros(set));
                for (boolean turned : new boolean[] {false, true}) {
                    if (demand.may(kind, stock, turned)) {
                        found.add(new Size(width(kind, turned), width(kind, !turned)));
                    }
                }
            }
            for (int part = (set - 1) & set; part > (set & ~part); part = (part - 1) & set) {
                for (Size one : sizes.get(part)) {
                    for (Size other : sizes.get(set & ~part)) {
                        found.add(new Size(one.width() + other.width(), Math.max(one.height(), other.height())));
                        found.add(new Size(Math.max(one.width(), other.width()), one.height() + other.height()));
                    }
                }
            }
            sizes.add(smallest(found, stock));
        }
        boolean[] fits = new boolean[sizes.size()];
        for (int set = 0; set < fits.length; set++) {
            fits[set] = !sizes.get(set).isEmpty();
        }
        return fits;
    }

    /** Those that fit on the sheet, without those that another one is inside of. */
    private List<Size> smallest(List<Size> found, int stock) {
        List<Size> smallest = new ArrayList<>();
        long lowest = demand.sheetHeight(stock) + 1;
        for (Size size : found.stream().filter(one -> one.width() <= demand.sheetWidth(stock))
                .sorted(Comparator.comparingLong(Size::width).thenComparing(Size::height)).toList()) {
            if (size.height() < lowest) {
                smallest.add(size);
                lowest = size.height();
            }
        }
        return smallest;
    }
}
