package cufflink.job;

import cufflink.paper.Stock;
import java.math.BigDecimal;
import java.util.Optional;

/**
 * Sheets to buy.
 *
 * @param needed without which the job cannot be made
 * @param spare  in case something goes wrong
 * @param price  of a sheet, if the maker gave one
 */
public record Purchase(Stock stock, int needed, int spare, Optional<BigDecimal> price) {
    public int count() {
        return needed + spare;
    }

    /** Of all sheets; absent without a price. */
    public Optional<BigDecimal> cost() {
        return price.map(each -> each.multiply(BigDecimal.valueOf(count())));
    }
}
