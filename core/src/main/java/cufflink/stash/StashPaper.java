package cufflink.stash;

import cufflink.measure.Length;
import cufflink.paper.Print;
import cufflink.paper.SheetSize;
import cufflink.paper.Stock;
import cufflink.paper.Swatch;
import java.math.BigDecimal;
import java.util.Optional;

/**
 * Sheets of one paper and size that lie together, or offcuts alike.
 *
 * @param stock    the paper; its width and height are the size on the packet
 * @param measured the size that a ruler found, if it differs
 * @param offcut   whether these are pieces left over
 * @param count    sheets, not below 0
 * @param price    of a sheet, in the maker's money; not below 0
 */
public record StashPaper(long id, Stock stock, Optional<SheetSize> measured, boolean offcut, int count,
        Optional<BigDecimal> price, String notes) implements StashItem {
    public StashPaper {
        StashItem.requireCount(count, stock.name());
        if (price.filter(amount -> amount.signum() < 0).isPresent()) {
            throw new IllegalArgumentException("price must not be below 0: " + price.get());
        }
    }

    /** New plain sheets without a price. */
    public static StashPaper sheets(Stock stock, int count) {
        return new StashPaper(0, stock, Optional.empty(), false, count, Optional.empty(), "");
    }

    @Override
    public String name() {
        return stock.name();
    }

    /** The size to cut from: as measured, otherwise as on the packet. */
    public SheetSize size() {
        return measured.orElseGet(() -> new SheetSize(stock.width(), stock.height()));
    }

    /** Whether a rectangle can be cut from a sheet: in either direction unless the pattern has one. */
    public boolean holds(SheetSize wanted) {
        return size().holds(wanted) || !stock.directional() && size().holds(wanted.turned());
    }

    @Override
    public StashPaper withId(long value) {
        return new StashPaper(value, stock, measured, offcut, count, price, notes);
    }

    public StashPaper withCount(int value) {
        return new StashPaper(id, stock, measured, offcut, value, price, notes);
    }

    public StashPaper withPrice(Optional<BigDecimal> value) {
        return new StashPaper(id, stock, measured, offcut, count, value, notes);
    }

    /** The same with a pattern, on its face or on both sides, in place of what was printed on it. */
    public StashPaper withSwatch(Swatch value, boolean bothSides) {
        return withStock(stock.withPrint(Print.of(value, bothSides)));
    }

    /** The same, its thickness measured. */
    public StashPaper withCaliper(Length caliper) {
        return withStock(stock.withCaliper(caliper));
    }

    private StashPaper withStock(Stock value) {
        return new StashPaper(id, value, measured, offcut, count, price, notes);
    }

    /** Offcuts of this paper in another size, new to the stash. */
    public StashPaper offcut(Length width, Length height, int howMany) {
        return new StashPaper(0, stock.inSheets(width, height), Optional.empty(), true, howMany, Optional.empty(), "");
    }

    /** Whether two entries are the same paper in the same size, so that their sheets can lie together. */
    public boolean isLike(StashPaper other) {
        return stock.equals(other.stock) && size().equals(other.size()) && offcut == other.offcut;
    }

    @Override
    public <R> R accept(Cases<R> cases) {
        return cases.paper(this);
    }
}
