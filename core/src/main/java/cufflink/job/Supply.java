package cufflink.job;

import cufflink.cut.Along;
import cufflink.cut.StockSheet;
import cufflink.paper.SheetSize;
import cufflink.paper.Stock;
import cufflink.plan.PlanPapers;
import cufflink.stash.Stash;
import cufflink.stash.StashPaper;
import java.util.ArrayList;
import java.util.Collection;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;

/**
 * The sheets that a job may be cut from, by their id in the layout: those in the stash, and those that can be bought.
 */
public final class Supply {
    private final Map<String, StashPaper> owned = new LinkedHashMap<>();
    private final Map<String, Stock> toBuy = new LinkedHashMap<>();

    private Supply() {
    }

    /**
     * @param materials names of all papers that are of use
     * @param bought    papers that can be bought, in sheets of their size
     */
    static Supply of(Stash stash, Collection<String> materials, Collection<Stock> bought) {
        Supply supply = new Supply();
        stash.papers().stream()
                .filter(paper -> paper.count() > 0 && materials.contains(PlanPapers.material(paper.stock())))
                .forEach(paper -> supply.owned.put("stash " + paper.id(), paper));
        bought.forEach(stock -> supply.toBuy
                .putIfAbsent("buy " + PlanPapers.material(stock) + " " + stock.width() + " " + stock.height(), stock));
        return supply;
    }

    /** The entry of the stash behind a sheet; absent for one to be bought. */
    public Optional<StashPaper> owned(StockSheet sheet) {
        return Optional.ofNullable(owned.get(sheet.id()));
    }

    /** The paper of a sheet. */
    public Stock paper(StockSheet sheet) {
        return owned(sheet).map(StashPaper::stock).orElseGet(() -> toBuy.get(sheet.id()));
    }

    /** What is owned, as it is. */
    List<StockSheet> ownedSheets() {
        return owned.entrySet().stream()
                .map(entry -> sheet(entry.getKey(), entry.getValue().stock(), entry.getValue().size(),
                        OptionalInt.of(entry.getValue().count()), entry.getValue().offcut()))
                .toList();
    }

    /** What can be bought, as many sheets as needed. */
    List<StockSheet> sheetsToBuy() {
        return toBuy.entrySet().stream()
                .map(entry -> sheet(entry.getKey(), entry.getValue(),
                        new SheetSize(entry.getValue().width(), entry.getValue().height()), OptionalInt.empty(), false))
                .toList();
    }

    /** Everything. */
    List<StockSheet> all() {
        List<StockSheet> all = new ArrayList<>(ownedSheets());
        all.addAll(sheetsToBuy());
        return all;
    }

    private static StockSheet sheet(String id, Stock stock, SheetSize size, OptionalInt count, boolean offcut) {
        return new StockSheet(id, stock.name(), PlanPapers.material(stock), size.width(), size.height(), count, offcut,
                stock.directional(), Along.of(stock.grain()));
    }
}
