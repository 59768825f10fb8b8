package cufflink.files;

import static cufflink.files.Plans.plan;
import static cufflink.files.Plans.project;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import cufflink.design.DesignDefinition;
import cufflink.design.Face;
import cufflink.design.PanelRef;
import cufflink.design.PartPlace;
import cufflink.drawing.PartDrawing;
import cufflink.files.design.BuiltInDesigns;
import cufflink.files.design.DesignFileReader;
import cufflink.plan.PartOffers;
import cufflink.plan.PartOffers.Offer;
import cufflink.plan.Plan;
import cufflink.words.CheckWords;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;

/** What a maker may add where, as it is offered. */
class PartOffersTest {
    private static PartPlace place(String text) {
        return PartPlace.read(text, text.contains(".") && !text.contains(":") ? Optional.of(Face.INSIDE)
                : Optional.empty()).orElseThrow();
    }

    private static List<Offer> offers(Plan plan, String place) {
        return PartOffers.at(plan, place(place), BuiltInDesigns.all());
    }

    private static List<String> ids(List<Offer> offers) {
        return offers.stream().map(offer -> offer.design().id()).sorted().toList();
    }

    @Test
    void places_areThePanelsOnBothFaces_thePocketsAndAroundTheWhole() {
        Plan plan = plan(project("pocket-fold"));
        assertEquals(List.of("base.front", "base.front", "base.back", "base.back", "pocket.pocket.front",
                "pocket.pocket.front", "pocket:pocket.pocket", "around"),
                PartOffers.places(plan).stream().map(PartPlace::text).toList());
        assertEquals(List.of("on the front leaf, inside", "on the front leaf, outside", "in the pocket",
                "around the closed card"),
                List.of(0, 1, 6, 7).stream()
                        .map(index -> PartOffers.words(plan, PartOffers.places(plan).get(index))).toList());
    }

    @Test
    void eachPlace_hasWhatGoesThere_drawnAsItWouldLie() {
        Plan plan = plan(project("pocket-fold"));
        assertEquals(
                List.of("corner-note", "half-fold", "notch-sleeve", "panel-pockets", "pocket-fold", "ribbon-pull",
                        "ribbon-tie", "scored-panel", "spine-fold"),
                ids(offers(plan, "base.front")));
        assertEquals(List.of("insert", "turned-tag"), ids(offers(plan, "pocket:pocket.pocket")));
        assertEquals(List.of("belly-band", "envelope", "little-bag"), ids(offers(plan, "around")));
        for (String place : List.of("base.front", "pocket:pocket.pocket", "around")) {
            offers(plan, place).forEach(offer -> assertFalse(
                    PartDrawing.draw(offer.plan(), offer.part(), 0.3).orElseThrow().shapes().isEmpty(), offer.name()));
        }
    }

    /** A part is drawn on its panel, on whichever face, with the panel under it. */
    @Test
    void partOnAPanel_liesOnThePanelInItsPicture() {
        Plan plan = plan(project("half-fold"));
        for (Face face : Face.values()) {
            Offer offer = PartOffers.at(plan, new PartPlace.OnPanel(
                    new PanelRef("base", "back"), Optional.of(face)), BuiltInDesigns.all()).stream()
                    .filter(found -> found.design().id().equals("panel-pockets")).findFirst().orElseThrow();
            List<String> drawn = PartDrawing.draw(offer.plan(), offer.part(), 0.3).orElseThrow().shapes().stream()
                    .map(shape -> shape.id()).toList();
            assertEquals(List.of("back leaf", "pocket"), drawn, face.word());
        }
    }

    /**
     * Parts on the front leaf look to the back of the card; they are as good there. What ties the card goes outside.
     */
    @Test
    void frontLeaf_takesWhatTheBackLeafTakes() {
        Plan plan = plan(project("half-fold"));
        for (String leaf : List.of("base.front", "base.back")) {
            assertEquals(List.of(CheckWords.SOFT_NOT_COVERED), offers(plan, leaf).stream()
                    .filter(offer -> !offer.fits()).map(offer -> offer.verdict().code()).toList(), leaf);
        }
    }

    @Test
    void whatFits_comesFirst_andWhatDoesNot_saysWhy() {
        List<Offer> offers = offers(plan(project("half-fold").withSet("width", "2 in").withSet("height", "2 in")),
                "base.back");
        assertFalse(offers.get(offers.size() - 1).fits());
        assertTrue(offers.stream().filter(offer -> !offer.fits())
                .noneMatch(offer -> offer.verdict().sentence().isEmpty()));
        assertTrue(offers.stream().dropWhile(Offer::fits).noneMatch(Offer::fits),
                "what fits stands after what does not");
        List<Offer> usual = offers(plan(project("half-fold")), "base.back");
        assertTrue(usual.get(0).fits());
    }

    /** A design of a maker's own may be called anything. */
    @Test
    void designWhoseNameEndsInAFigure_isOfferedAsAPart() {
        Plan plan = plan(project("half-fold"));
        DesignDefinition other = DesignFileReader.read("tag-2.yaml",
                BuiltInDesigns.text("panel-pockets").replace("id: panel-pockets", "id: tag-2")).orThrow();
        Offer first = PartOffers.at(plan, place("base.back"), List.of(other)).get(0);
        assertEquals("part", first.name());
        assertEquals("part2", PartOffers.at(first.plan(), place("base.front"), List.of(other)).get(0).name());
    }

    @Test
    void secondOfAKind_isNumbered() {
        Plan one = plan(project("half-fold"));
        Plan two = offers(one, "base.back").stream().filter(offer -> offer.name().equals("pocket")).findFirst()
                .orElseThrow().plan();
        assertTrue(offers(two, "base.front").stream().anyMatch(offer -> offer.name().equals("pocket2")));
    }
}
