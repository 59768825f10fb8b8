package cufflink.job;

import cufflink.cut.LayoutPlan;
import cufflink.cut.SheetLayout;
import cufflink.cut.StockSheet;
import cufflink.measure.Length;
import cufflink.paper.Stock;
import cufflink.stash.Stash;
import cufflink.stash.StashPaper;
import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** What to buy for a layout: the sheets that the stash lacks, and spares beyond those that it has left. */
final class ShoppingList {
    private final Job job;
    private final Stash stash;
    private final Supply supply;
    private final LayoutPlan layout;

    ShoppingList(Job job, Stash stash, Supply supply, LayoutPlan layout) {
        this.job = job;
        this.stash = stash;
        this.supply = supply;
        this.layout = layout;
    }

    /**
     * Sheets of one paper and size: how many are used, how many of those must be bought, how many stay in the stash.
     */
    private static final class Tally {
        private int used;
        private int lacking;
        private int left;
    }

    private record Sheets(String material, Length width, Length height) {
    }

    List<Purchase> purchases() {
        Map<Sheets, Tally> tallies = new LinkedHashMap<>();
        Map<Sheets, Stock> stocks = new LinkedHashMap<>();
        layout.sheets().stream().map(SheetLayout::stock).filter(sheet -> !sheet.offcut()).forEach(sheet -> {
            stocks.putIfAbsent(key(sheet), supply.paper(sheet));
            Tally tally = tallies.computeIfAbsent(key(sheet), none -> new Tally());
            tally.used++;
            tally.lacking += supply.owned(sheet).isPresent() ? 0 : 1;
        });
        supply.ownedSheets().stream().filter(sheet -> !sheet.offcut() && tallies.containsKey(key(sheet)))
                .forEach(sheet -> tallies.get(key(sheet)).left += sheet.count().orElse(0));
        List<Purchase> purchases = new ArrayList<>();
        tallies.forEach((key, tally) -> {
            int spares = (tally.used * job.sparePercent() + 99) / 100;
            int left = tally.left - (tally.used - tally.lacking);
            Purchase purchase = new Purchase(stocks.get(key), tally.lacking, Math.max(0, spares - left),
                    price(stocks.get(key)));
            if (purchase.count() > 0) {
                purchases.add(purchase);
            }
        });
        return purchases;
    }

    private static Sheets key(StockSheet sheet) {
        return new Sheets(sheet.material(), sheet.width(), sheet.height());
    }

    /** That of the same paper in the same size, otherwise none: another size costs something else. */
    private Optional<BigDecimal> price(Stock stock) {
        return stash.named(stock.name()).stream()
                .filter(paper -> !paper.offcut() && paper.stock().width().equals(stock.width())
                        && paper.stock().height().equals(stock.height()))
                .flatMap(paper -> paper.price().stream()).findFirst();
    }
}
