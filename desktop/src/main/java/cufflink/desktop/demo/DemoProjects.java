package cufflink.desktop.demo;

import cufflink.design.DesignDefinition;
import cufflink.design.Face;
import cufflink.design.Ornament;
import cufflink.design.OrnamentShape;
import cufflink.design.PanelRef;
import cufflink.design.PartAdding;
import cufflink.design.PartPlace;
import cufflink.design.Raise;
import cufflink.files.design.DesignLibrary;
import cufflink.fit.SheetUse;
import cufflink.fit.Wish;
import cufflink.mat.MatSettings;
import cufflink.measure.Length;
import cufflink.measure.RulerStep;
import cufflink.paper.FacePicture;
import cufflink.paper.NamedSize;
import cufflink.paper.PaperRole;
import cufflink.paper.Print;
import cufflink.paper.PublishedSizes;
import cufflink.paper.Stock;
import cufflink.paper.Swatch;
import cufflink.paper.Weight;
import cufflink.plan.Project;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.util.Base64;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * A made-up hill observatory prepares a comet night. One project has a real problem for the checks to find, one is for
 * 24 copies.
 */
public final class DemoProjects {
    private static final DesignLibrary LIBRARY = DesignLibrary.builtIn();

    private DemoProjects() {
    }

    /** The projects, the one to show first last. */
    public static List<Project> all() {
        return List.of(guides(), meteors(), telescope(), starLog(), thankYou(), wallet(), folio(), letter(),
                passHolder(), invitation());
    }

    private static DesignDefinition design(String id) {
        return LIBRARY.find(id).orThrow();
    }

    private static NamedSize sheet(String name) {
        return PublishedSizes.named(NamedSize.Kind.SHEET, name).orElseThrow();
    }

    static Stock paper(String name, String sheet, double gsm, String face, String back, boolean directional) {
        NamedSize size = sheet(sheet);
        return new Stock(name, size.width(), size.height(), Weight.gsm(gsm), Optional.empty(), face, back, directional,
                Stock.Grain.ALONG_HEIGHT);
    }

    static Stock midnight(String sheet) {
        return paper("Midnight 270", sheet, 270, "#2B3454", "#3A4468", false);
    }

    static Stock moonlight(String sheet) {
        return paper("Moonlight 240", sheet, 240, "#F4ECD2", "#F8F3E2", false);
    }

    static Stock starfield(String sheet) {
        return paper("Starfield 120", sheet, 120, "#9FB6C9", "#FFFFFF", true)
                .withPrint(Print.of(Swatch.STARS, false));
    }

    /** With a picture of its face. */
    static Stock comets(String sheet) {
        try (InputStream stream = DemoProjects.class.getResourceAsStream("comets.jpg")) {
            Length wide = Length.ofInches(3);
            String data = Base64.getEncoder().encodeToString(stream.readAllBytes());
            return paper("Comet trail 120", sheet, 120, "#2A3A5E", "#FFFFFF", true)
                    .withPrint(Print.NOTHING.withPicture(Optional.of(new FacePicture(data, wide, wide))));
        } catch (IOException fault) {
            throw new UncheckedIOException(fault);
        }
    }

    private static Optional<NamedSize> envelope(String name) {
        return PublishedSizes.named(NamedSize.Kind.ENVELOPE, name);
    }

    /** Overlapping gates for 24 guests. */
    public static Project invitation() {
        return Project.of(design("overlapping-gate"), RulerStep.SIXTEENTH_INCH).withName("Comet night invitation")
                .withWish(new Wish.FinishedSize(Length.ofInches(9, 2), Length.ofInches(25, 4)))
                .withPaper(PaperRole.material("card"), moonlight("Letter"))
                .withPaper(PaperRole.layer(1), midnight("Letter"))
                .withPaper(PaperRole.layer(2), starfield("12 in square"))
                .withMats(new MatSettings(2, MatSettings.OPEN_REVEAL, Map.of())).withEnvelope(envelope("A6"))
                .withOrnament(moon())
                .withCopies(24)
                .withNotes("Ring the comet's tail in silver before the layers go on.");
    }

    /** A moon that is glued on the wide leaf and keeps the narrow one shut. */
    private static Ornament moon() {
        Length across = Length.ofInches(3, 2);
        return new Ornament("moon", "Moon", new PanelRef("base", "cover"), Face.OUTSIDE,
                new Ornament.Put(new Ornament.Along(Ornament.Anchor.START, Length.ofInches(-1, 2)),
                        new Ornament.Along(Ornament.Anchor.START, Length.ofInches(5, 4)), 0),
                new Ornament.Form(OrnamentShape.CIRCLE, across, across, Optional.empty()), Raise.FLAT.height(),
                Optional.of("#B5543C"));
    }

    /** For each volunteer a folio of three: pass, meal card and a picture of the dome. */
    public static Project folio() {
        return Project.of(design("sleeve-folio"), RulerStep.SIXTEENTH_INCH).withName("Volunteers' folio")
                .withPaper(PaperRole.material("card"), midnight("Letter"))
                .withPaper(PaperRole.material("insert"), moonlight("Letter"))
                .withPaper(PaperRole.material("band"), moonlight("Letter"))
                .withPaper(PaperRole.layer(1), starfield("12 in square"))
                .withNotes("The dome goes into the middle sleeve.");
    }

    /** Wallets for the speakers' gift cards. */
    public static Project wallet() {
        return Project.of(design("ribbon-wallet"), RulerStep.SIXTEENTH_INCH).withName("Speakers' gift wallet")
                .withPaper(PaperRole.material("board"), midnight("Letter"))
                .withPaper(PaperRole.layer(1), comets("12 in square")).withCopies(3);
    }

    /** Holders for visitors' pass cards, with a pocket set too shallow to hold one inside the card. */
    public static Project passHolder() {
        return Project.of(design("m-fold-holder"), RulerStep.SIXTEENTH_INCH).withName("Visitors' pass holder")
                .withSet("pocket", "2 in")
                .withPaper(PaperRole.material("card"), midnight("Letter"))
                .withPaper(PaperRole.layer(1), moonlight("Letter"))
                .withEnvelope(envelope("A2"));
    }

    /** Thank-you cards for the volunteers, in millimetres. */
    public static Project thankYou() {
        return Project.of(design("back-fold-holder"), RulerStep.MILLIMETRE).withName("Volunteers' thank-you")
                .withWish(new Wish.InEnvelope(envelope("C6").orElseThrow(), Length.ofMillimetres(4)))
                .withPaper(PaperRole.material("card"), midnight("A3"))
                .withPaper(PaperRole.material("liner"), moonlight("A4"))
                .withPaper(PaperRole.layer(1), starfield("A4"));
    }

    /** For the guides of the night: a tag with their gift card in the pocket, a band round the whole. */
    public static Project guides() {
        Project card = Project.of(design("pocket-fold"), RulerStep.MILLIMETRE).withName("Night guides' card");
        Project tagged = with(card, "tag", "turned-tag", new PartPlace.InPocket("pocket.pocket"));
        return with(tagged, "band", "belly-band", new PartPlace.Around()).withSet("band.width", "30 mm")
                .withPaper(PaperRole.material("card"), moonlight("A4"))
                .withPaper(PaperRole.material("band"), midnight("A4"))
                .withPaper(PaperRole.layer(1), starfield("A4"));
    }

    private static Project with(Project host, String name, String design, PartPlace place) {
        return host.withPart(PartAdding.part(host.design(), name, design(design), place).orThrow());
    }

    /** A standing tube with a window, for the telescope's birthday. */
    public static Project telescope() {
        return Project.of(design("slot-concertina"), RulerStep.SIXTEENTH_INCH).withName("Telescope birthday card")
                .withSet("strip", "yes")
                .withPaper(PaperRole.material("card"), moonlight("12 in square"))
                .withPaper(PaperRole.layer(1), midnight("Letter"));
    }

    /** A row of squares that springs open like a shower of meteors. */
    public static Project meteors() {
        return Project.of(design("squash-fold"), RulerStep.SIXTEENTH_INCH).withName("Meteor shower map")
                .withPaper(PaperRole.material("card"), midnight("12 in square"))
                .withPaper(PaperRole.layer(1), starfield("12 in square"));
    }

    /** A star log for the summer, out of one square sheet. */
    public static Project starLog() {
        return Project.of(design("strip-album"), RulerStep.SIXTEENTH_INCH).withName("Star-log album")
                .withWish(new Wish.FromSheet("12 in square", sheet("12 in square").width(),
                        sheet("12 in square").height(), 1, new SheetUse.Whole()))
                .withPaper(PaperRole.material("card"), midnight("12 in square"))
                .withPaper(PaperRole.material("insert"), moonlight("Letter"))
                .withPaper(PaperRole.material("patch"), moonlight("Letter"))
                .withPaper(PaperRole.layer(1), starfield("12 in square"))
                .withNotes("The summer triangle goes onto T4.");
    }

    /** An envelope for the invitations, cut on point and lined. */
    public static Project letter() {
        return Project.of(design("envelope"), RulerStep.SIXTEENTH_INCH).withName("Invitation envelope")
                .withSet("holds", "4 1/2 x 6 1/4 x 3/32 in").withSet("cut", "on point")
                .withSet("liner", "yes")
                .withPaper(PaperRole.material("envelope"), moonlight("12 in square"))
                .withPaper(PaperRole.material("liner"), starfield("12 in square")).withCopies(24);
    }
}
