package cufflink.desktop.view;

import cufflink.measure.LengthFormat;
import cufflink.measure.LengthUnit;
import cufflink.paper.SheetSize;
import cufflink.paper.Stock;
import cufflink.paper.Swatch;
import cufflink.stash.StashEnvelope;
import cufflink.stash.StashItem;
import cufflink.stash.StashPaper;
import cufflink.stash.StashPunch;
import cufflink.stash.StashRibbon;
import java.util.LinkedHashMap;
import java.util.Locale;
import java.util.Map;

/** What is said of an entry of the stash. */
final class StashWords {
    private final LengthFormat format;

    StashWords(LengthFormat format) {
        this.format = format;
    }

    private String size(SheetSize size) {
        return format.size(size.width(), size.height());
    }

    /** One line under its picture. */
    String line(StashItem item) {
        if (item instanceof StashPaper paper) {
            return paper.count() == 0 ? "none left" : paper.count() + " × " + size(paper.size());
        } else if (item instanceof StashRibbon ribbon) {
            return format.text(ribbon.width()) + " wide, " + format.text(ribbon.left()) + " left";
        } else if (item instanceof StashEnvelope envelope) {
            return envelope.count() + " × " + size(envelope.measured().orElse(envelope.size()));
        } else if (item instanceof StashPunch punch) {
            return "cuts " + size(punch.cuts());
        }
        return "";
    }

    /** Everything that is known, by what it is. */
    Map<String, String> facts(StashItem item) {
        Map<String, String> facts = new LinkedHashMap<>();
        if (item instanceof StashPaper paper) {
            paper(paper, facts);
        } else if (item instanceof StashRibbon ribbon) {
            facts.put("Width", format.text(ribbon.width()));
            facts.put("On the reel", format.text(ribbon.left()));
            facts.put("Notes", ribbon.notes());
        } else if (item instanceof StashEnvelope envelope) {
            facts.put("On the packet", size(envelope.size()));
            facts.put("Measured", envelope.measured().map(this::size).orElse("not yet"));
            facts.put("Count", String.valueOf(envelope.count()));
            facts.put("Notes", envelope.notes());
        } else if (item instanceof StashPunch punch) {
            facts.put("Cuts", size(punch.cuts()));
            facts.put("Layer that fits inside", punch.layer().map(this::size).orElse("not tried yet"));
            facts.put("Notes", punch.notes());
        }
        facts.values().removeIf(String::isEmpty);
        return facts;
    }

    private void paper(StashPaper paper, Map<String, String> facts) {
        Stock stock = paper.stock();
        LengthFormat metric = LengthFormat.of(LengthUnit.MILLIMETRE);
        facts.put(paper.offcut() ? "Size" : "On the packet", format.size(stock.width(), stock.height()));
        paper.measured().ifPresent(size -> facts.put("Measured", size(size)));
        facts.put("Weight",
                String.format(Locale.ROOT, "%.0f %s", stock.weight().amount(), stock.weight().basis().label()));
        facts.put("Caliper", metric.text(stock.caliper()) + (stock.isCaliperMeasured() ? ", measured" : ", estimated"));
        facts.put("Pattern",
                (paper.swatch() == Swatch.PLAIN ? "plain"
                        : paper.swatch().word() + (paper.twoSided() ? " on both sides" : " on one side"))
                        + (stock.directional() ? ", one way up" : ""));
        facts.put("Grain", switch (stock.grain()) {
            case ALONG_WIDTH -> "along the width";
            case ALONG_HEIGHT -> "along the height";
            case UNKNOWN -> "unknown";
        });
        paper.price().ifPresent(price -> facts.put("A sheet costs", price.toPlainString()));
        facts.put("Notes", paper.notes());
    }
}
