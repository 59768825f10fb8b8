package cufflink.desktop.demo;

import cufflink.die.Die;
import cufflink.die.DieShape;
import cufflink.measure.Length;
import cufflink.measure.LengthFormat;
import cufflink.measure.LengthUnit;
import cufflink.paper.BenchTools;
import cufflink.paper.SheetSize;
import cufflink.paper.Stock;
import cufflink.paper.Swatch;
import cufflink.stash.StashChange;
import cufflink.stash.StashEdit;
import cufflink.stash.StashEnvelope;
import cufflink.stash.StashItem;
import cufflink.stash.StashLimit;
import cufflink.stash.StashPaper;
import cufflink.stash.StashPunch;
import cufflink.stash.StashReservation;
import cufflink.stash.StashRibbon;
import cufflink.stash.StashTools;
import cufflink.stash.Ware;
import java.math.BigDecimal;
import java.util.List;
import java.util.Optional;

/**
 * The observatory's paper. For the invitations it is just enough: cut one layer after the other, each from sheets of
 * its own, one sheet of Midnight 270 would be lacking.
 */
public final class DemoStash {
    private DemoStash() {
    }

    /** Everything in it, added at once. */
    public static StashChange filled() {
        List<StashItem> items = List.of(
                sheets(DemoProjects.moonlight("Letter"), 26, "0.38", Swatch.PLAIN, false),
                sheets(DemoProjects.midnight("Letter"), 13, "0.52", Swatch.PLAIN, false),
                sheets(DemoProjects.midnight("12 in square"), 1, "0.85", Swatch.PLAIN, false),
                sheets(DemoProjects.starfield("12 in square"), 8, "0.95", Swatch.STARS, false),
                sheets(DemoProjects.paper("Meteor stripe 120", "12 in square", 120, "#D9C7A8", "#FFFFFF", true), 6,
                        "0.95", Swatch.STRIPES, true),
                sheets(DemoProjects.paper("Nebula dot 120", "Letter", 120, "#B9A7C9", "#FFFFFF", false), 0, "0.40",
                        Swatch.DOTS, false),
                StashPaper.sheets(DemoProjects.comets("12 in square"), 4)
                        .withPrice(Optional.of(new BigDecimal("1.20"))),
                sheets(DemoProjects.moonlight("A4"), 14, "0.35", Swatch.PLAIN, false),
                offcut(DemoProjects.midnight("Letter"), 19, 2, 11, 2, 3),
                offcut(DemoProjects.midnight("Letter"), 5, 1, 9, 2, 2),
                offcut(DemoProjects.moonlight("Letter"), 9, 4, 11, 1, 5),
                offcut(DemoProjects.starfield("12 in square"), 3, 1, 12, 1, 2),
                new StashRibbon(0, "Silver", Length.ofInches(1, 4), Length.ofInches(96), "#A9B4B8",
                        Optional.of(new BigDecimal("0.90")), ""),
                new StashRibbon(0, "Dusk blue", Length.ofInches(3, 8), Length.ofInches(140), "#4B5E86",
                        "frays; seal the ends"),
                new StashEnvelope(0, "A6", new SheetSize(Length.ofInches(19, 4), Length.ofInches(13, 2)),
                        Optional.of(new SheetSize(Length.ofInches(75, 16), Length.ofInches(103, 16))), 30,
                        Optional.of(new BigDecimal("0.12")), ""),
                new StashEnvelope(0, "C6", new SheetSize(Length.ofMillimetres(114), Length.ofMillimetres(162)),
                        Optional.empty(), 12, ""),
                StashPunch.of("1 in circle punch", Die.of(DieShape.CIRCLE, Length.ofInches(1), Length.ofInches(1))),
                StashPunch.of("Hole punch", Die.of(DieShape.CIRCLE, Length.ofInches(1, 4), Length.ofInches(1, 4))),
                StashPunch.of("Thumb notch", Die.of(DieShape.HALF_CIRCLE, Length.ofInches(1), Length.ofInches(1, 2))),
                circle(3, 2), circle(2, 1), circle(5, 2),
                new StashPunch(0, "Moon die", new Die(DieShape.SCALLOPED_CIRCLE,
                        new SheetSize(Length.ofInches(3), Length.ofInches(3)), 36, Optional.empty()),
                        Optional.of(new SheetSize(Length.ofInches(13, 4), Length.ofInches(13, 4))), Optional.empty(),
                        "",
                        Optional.of(300), "needs two passes in heavy card"),
                StashPunch.of("Label die", Die.of(DieShape.OVAL, Length.ofInches(7, 2), Length.ofInches(2))),
                StashPunch.of("Tag die", Die.of(DieShape.TAG_END, Length.ofInches(2), Length.ofInches(7, 2))),
                new StashTools(BenchTools.USUAL_INCH),
                new StashLimit(0, "Moonlight 240", Ware.SHEETS, 20, Length.ZERO),
                new StashLimit(0, "Silver", Ware.RIBBON, 0, Length.ofInches(120)),
                StashReservation.sheets("Moonlight 240", letter(), 18, "Comet night invitations", ""),
                StashReservation.envelopes("A6", 24, "Comet night invitations", ""),
                StashReservation.sheets("Midnight 270", letter(), 15, "Volunteers' evening", ""));
        return StashChange.of("Counted everything in the cupboard", items.stream().map(StashEdit::added).toList());
    }

    private static SheetSize letter() {
        return new SheetSize(Length.ofInches(17, 2), Length.ofInches(11));
    }

    private static StashPunch circle(int across, int parts) {
        Length wide = Length.ofInches(across, parts);
        return StashPunch.of("Circle die " + LengthFormat.of(LengthUnit.INCH).text(wide),
                Die.of(DieShape.CIRCLE, wide, wide)).inSet("Circles");
    }

    private static StashPaper sheets(Stock stock, int count, String price, Swatch swatch, boolean twoSided) {
        return StashPaper.sheets(stock, count).withPrice(Optional.of(new BigDecimal(price))).withSwatch(swatch,
                twoSided);
    }

    private static StashPaper offcut(Stock stock, int width, int widthParts, int height, int heightParts, int count) {
        return StashPaper.sheets(stock, 0).offcut(Length.ofInches(width, widthParts),
                Length.ofInches(height, heightParts), count);
    }
}
