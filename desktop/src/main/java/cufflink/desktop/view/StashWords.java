package cufflink.desktop.view;

import cufflink.die.Die;
import cufflink.die.DieShape;
import cufflink.mat.MatSettings;
import cufflink.measure.Length;
import cufflink.measure.LengthFormat;
import cufflink.measure.LengthParser;
import cufflink.measure.LengthUnit;
import cufflink.measure.RulerStep;
import cufflink.paper.SheetSize;
import cufflink.paper.Stock;
import cufflink.stash.DieChart;
import cufflink.stash.StashEnvelope;
import cufflink.stash.StashItem;
import cufflink.stash.StashLimit;
import cufflink.stash.StashPaper;
import cufflink.stash.StashPunch;
import cufflink.stash.StashReservation;
import cufflink.stash.StashRibbon;
import cufflink.stash.StashTools;
import java.util.LinkedHashMap;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;

/** What is said of an entry of the stash. */
final class StashWords {
    private final LengthFormat format;

    StashWords(LengthFormat format) {
        this.format = format;
    }

    /** A length as it is shown. */
    String text(Length length) {
        return format.text(length);
    }

    /** A length as it is typed. */
    Optional<Length> length(String typed) {
        return LengthParser.read(typed, format.unit()).value();
    }

    private String size(SheetSize size) {
        return format.size(size.width(), size.height());
    }

    /** One line under its picture. */
    String line(StashItem item) {
        return item.accept(new StashItem.Cases<>() {
            @Override
            public String paper(StashPaper paper) {
                return paper.count() == 0 ? "none left" : paper.count() + " × " + size(paper.size());
            }

            @Override
            public String ribbon(StashRibbon ribbon) {
                return format.text(ribbon.width()) + " wide, " + format.text(ribbon.left()) + " left";
            }

            @Override
            public String envelope(StashEnvelope envelope) {
                return envelope.count() + " × " + size(envelope.measured().orElse(envelope.size()));
            }

            @Override
            public String punch(StashPunch punch) {
                return (punch.die().shape() == DieShape.UNTOLD ? "" : punch.die().shape().word() + ", ")
                        + cuts(punch.die());
            }

            @Override
            public String tools(StashTools tools) {
                return "";
            }

            @Override
            public String reservation(StashReservation reservation) {
                return "";
            }

            @Override
            public String limit(StashLimit limit) {
                return "";
            }
        });
    }

    /** Everything that is known, by what it is. */
    Map<String, String> facts(StashItem item) {
        Map<String, String> facts = item.accept(new StashItem.Cases<>() {
            @Override
            public Map<String, String> paper(StashPaper paper) {
                return ofPaper(paper);
            }

            @Override
            public Map<String, String> ribbon(StashRibbon ribbon) {
                Map<String, String> facts = new LinkedHashMap<>();
                facts.put("Width", format.text(ribbon.width()));
                facts.put("On the reel", format.text(ribbon.left()));
                ribbon.price().ifPresent(price -> facts.put("A metre costs", price.toPlainString()));
                facts.put("Notes", ribbon.notes());
                return facts;
            }

            @Override
            public Map<String, String> envelope(StashEnvelope envelope) {
                Map<String, String> facts = new LinkedHashMap<>();
                facts.put("On the packet", size(envelope.size()));
                facts.put("Measured", envelope.measured().map(StashWords.this::size).orElse("not yet"));
                facts.put("Count", String.valueOf(envelope.count()));
                envelope.price().ifPresent(price -> facts.put("One costs", price.toPlainString()));
                facts.put("Notes", envelope.notes());
                return facts;
            }

            @Override
            public Map<String, String> punch(StashPunch punch) {
                Map<String, String> facts = new LinkedHashMap<>();
                ofPunch(punch, facts);
                return facts;
            }

            @Override
            public Map<String, String> tools(StashTools tools) {
                return new LinkedHashMap<>();
            }

            @Override
            public Map<String, String> reservation(StashReservation reservation) {
                return new LinkedHashMap<>();
            }

            @Override
            public Map<String, String> limit(StashLimit limit) {
                return new LinkedHashMap<>();
            }
        });
        facts.values().removeIf(String::isEmpty);
        return facts;
    }

    private String cuts(Die die) {
        return die.shape() == DieShape.CORNER ? format.text(half(die.size().width())) + " radius"
                : die.shape().isRound() ? format.text(die.size().width()) + " across" : size(die.size());
    }

    private static Length half(Length length) {
        return Length.ofNanometres(length.nanometres() / 2);
    }

    private void ofPunch(StashPunch punch, Map<String, String> facts) {
        facts.put("Shape", punch.die().shape().word());
        facts.put("Cuts", cuts(punch.die()));
        if (punch.die().shape().isScalloped()) {
            facts.put("Scallops", String.valueOf(punch.die().scallops()));
        }
        punch.outer().ifPresent(outer -> facts.put("The die itself", size(outer)));
        punch.layer().ifPresent(tried -> facts.put("Layer that fits, tried", size(tried)));
        facts.put("Nested set", punch.set());
        punch.heaviest().ifPresent(most -> facts.put("Copes with", most + " g/m²"));
        facts.put("Notes", punch.notes());
    }

    /** The border with which the chart is worked out. */
    Length border() {
        return format.unit() == LengthUnit.INCH ? MatSettings.OPEN_REVEAL : MatSettings.METRIC_REVEAL;
    }

    /** What fits into and round a punch or a die; what must fit is rounded down to a mark. */
    Map<String, String> chart(DieChart.Line line) {
        Map<String, String> facts = new LinkedHashMap<>();
        if (!line.punch().die().shape().holdsSomething()) {
            return facts;
        }
        RulerStep marks = format.unit() == LengthUnit.INCH ? RulerStep.SIXTEENTH_INCH : RulerStep.MILLIMETRE;
        facts.put("With a border of", format.text(border()));
        line.rectangle().ifPresent(inside -> facts.put("Rectangle inside",
                format.size(marks.down(inside.width()), marks.down(inside.height()))));
        line.circle().ifPresent(inside -> facts.put("Circle inside", format.text(marks.down(inside)) + " across"));
        facts.put("Layer round it", size(line.around()));
        line.reveals().forEach(reveal -> facts.put("Shows round " + reveal.smaller(),
                reveal.sideways().equals(reveal.upwards()) ? format.text(reveal.sideways())
                        : format.size(reveal.sideways(), reveal.upwards())));
        return facts;
    }

    private Map<String, String> ofPaper(StashPaper paper) {
        Map<String, String> facts = new LinkedHashMap<>();
        Stock stock = paper.stock();
        LengthFormat metric = LengthFormat.of(LengthUnit.MILLIMETRE);
        facts.put(paper.offcut() ? "Size" : "On the packet", format.size(stock.width(), stock.height()));
        paper.measured().ifPresent(size -> facts.put("Measured", size(size)));
        facts.put("Weight",
                String.format(Locale.ROOT, "%.0f %s", stock.weight().amount(), stock.weight().basis().label()));
        facts.put("Caliper", metric.text(stock.caliper()) + (stock.isCaliperMeasured() ? ", measured" : ", estimated"));
        facts.put("Pattern",
                (!stock.print().isOn(true) ? "plain"
                        : (stock.print().picture().isPresent() ? "as pictured" : stock.print().swatch().word())
                                + (stock.print().isOnBoth() ? " on both sides" : " on one side"))
                        + (stock.directional() ? ", one way up" : ""));
        facts.put("Grain", switch (stock.grain()) {
            case ALONG_WIDTH -> "along the width";
            case ALONG_HEIGHT -> "along the height";
            case UNKNOWN -> "unknown";
        });
        paper.price().ifPresent(price -> facts.put("A sheet costs", price.toPlainString()));
        facts.put("Notes", paper.notes());
        return facts;
    }
}
