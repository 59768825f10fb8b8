package cufflink.packing;

import cufflink.cut.SheetLayout;
import cufflink.cut.StockSheet;
import cufflink.job.JobPlan;
import cufflink.job.StrandNeed;
import cufflink.measure.Length;
import cufflink.paper.NamedSize;
import cufflink.paper.Stock;
import cufflink.stash.Stash;
import cufflink.stash.StashEnvelope;
import cufflink.stash.StashPaper;
import cufflink.stash.StashRibbon;
import cufflink.words.Message;
import cufflink.words.PackingWords;
import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/**
 * What a job costs: whole sheets, even where something is left of them, ribbon by its length, envelopes. Offcuts cost
 * nothing any more. Prices are the maker's.
 *
 * @param unknown what has no price; the costs are those of the rest
 * @param cards   that are made
 */
public record KitCost(BigDecimal paper, BigDecimal ribbon, BigDecimal envelopes, List<String> unknown, int cards) {
    private static final BigDecimal METRE = BigDecimal.valueOf(Length.ofMillimetres(1000).nanometres());
    private static final int CENTS = 2;

    public KitCost {
        unknown = List.copyOf(unknown);
    }

    /** Of a planned job. */
    public static KitCost of(JobPlan plan) {
        Set<String> unknown = new LinkedHashSet<>();
        BigDecimal paper = BigDecimal.ZERO;
        for (SheetLayout layout : plan.layout().sheets()) {
            StockSheet sheet = layout.stock();
            Stock stock = plan.supply().paper(sheet);
            Optional<BigDecimal> price = sheet.offcut() ? Optional.of(BigDecimal.ZERO) : price(plan.stash(), stock);
            paper = paper.add(price.orElse(BigDecimal.ZERO));
            if (price.isEmpty()) {
                unknown.add(stock.name());
            }
        }
        BigDecimal ribbon = BigDecimal.ZERO;
        for (StrandNeed need : plan.strands()) {
            Optional<BigDecimal> metre = need.reels(plan.stash()).stream()
                    .flatMap((StashRibbon reel) -> reel.price().stream()).findFirst();
            ribbon = ribbon.add(metre.map(each -> each.multiply(BigDecimal.valueOf(need.total().nanometres()))
                    .divide(METRE, CENTS + 2, RoundingMode.HALF_UP)).orElse(BigDecimal.ZERO));
            if (metre.isEmpty()) {
                unknown.add(need.material());
            }
        }
        BigDecimal envelopes = BigDecimal.ZERO;
        int cards = 0;
        for (int i = 0; i < plan.plans().size(); i++) {
            int copies = plan.job().kits().get(i).copies();
            cards += copies;
            Optional<String> name = plan.plans().get(i).project().envelope().map(NamedSize::name);
            Optional<BigDecimal> each = name.flatMap(one -> envelope(plan.stash(), one));
            envelopes = envelopes.add(each.map(price -> price.multiply(BigDecimal.valueOf(copies)))
                    .orElse(BigDecimal.ZERO));
            if (name.isPresent() && each.isEmpty()) {
                unknown.add("envelope " + name.get());
            }
        }
        return new KitCost(paper, ribbon, envelopes, List.copyOf(unknown), cards);
    }

    private static Optional<BigDecimal> price(Stash stash, Stock stock) {
        return stash.named(stock.name()).stream()
                .filter(one -> !one.offcut() && one.stock().width().equals(stock.width())
                        && one.stock().height().equals(stock.height()))
                .flatMap((StashPaper one) -> one.price().stream()).findFirst();
    }

    private static Optional<BigDecimal> envelope(Stash stash, String name) {
        return stash.envelopes().stream().filter(one -> one.name().equalsIgnoreCase(name))
                .flatMap((StashEnvelope one) -> one.price().stream()).findFirst();
    }

    /** In a sentence. */
    public Message said(int kits) {
        return unknown.isEmpty()
                ? PackingWords.COSTS.of("total", total(), "kit", perKit(kits), "card", perCard())
                : PackingWords.COSTS_KNOWN.of("total", total(), "kit", perKit(kits), "card", perCard(), "unknown",
                        unknown);
    }

    /** Of everything. */
    public BigDecimal total() {
        return paper.add(ribbon).add(envelopes).setScale(CENTS, RoundingMode.HALF_UP);
    }

    /** Of one of so many kits. */
    public BigDecimal perKit(int kits) {
        return total().divide(BigDecimal.valueOf(kits), CENTS, RoundingMode.HALF_UP);
    }

    /** Of one card. */
    public BigDecimal perCard() {
        return total().divide(BigDecimal.valueOf(Math.max(1, cards)), CENTS, RoundingMode.HALF_UP);
    }
}
