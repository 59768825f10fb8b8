package cufflink.plan;

import cufflink.check.Check;
import cufflink.check.Verdict;
import cufflink.crease.Panel;
import cufflink.design.DesignDefinition;
import cufflink.design.Face;
import cufflink.design.PanelRef;
import cufflink.design.PartAdding;
import cufflink.design.PartDefinition;
import cufflink.design.PartExpansion;
import cufflink.design.PartPlace;
import cufflink.design.SizedDesign;
import cufflink.words.Message;
import cufflink.words.PartWords;
import java.util.ArrayList;
import java.util.Collection;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;

/** What a maker may add to a project: the places it has, and for each the designs that go there, best fit first. */
public final class PartOffers {
    /**
     * A design at a place.
     *
     * @param name  that the part would have
     * @param plan  of the project with it
     * @param worse checks that only then are bad, or only then to be watched, the bad ones first
     */
    public record Offer(DesignDefinition design, String name, Plan plan, List<Check> worse) {
        public Offer {
            worse = List.copyOf(worse);
        }

        public boolean fits() {
            return worse.stream().noneMatch(check -> check.verdict() == Verdict.BAD);
        }

        /** How it fits; of what does not, the first reason. */
        public Message verdict() {
            return !fits() ? worse.get(0).message()
                    : worse.isEmpty() ? PartWords.FITS.of() : PartWords.FITS_WITH_CARE.of("count", worse.size());
        }

        /** The part in the plan. */
        public PartDefinition part() {
            return plan.design().parts().stream().filter(part -> part.name().equals(name)).findFirst().orElseThrow();
        }
    }

    private final Plan host;

    private PartOffers(Plan host) {
        this.host = host;
    }

    /** Every place of a planned project: the panels on both faces, the pockets, around the whole. */
    public static List<PartPlace> places(Plan plan) {
        List<PartPlace> places = new ArrayList<>();
        plan.pieces().forEach((piece, folded) -> {
            Face up = folded.pattern().up();
            for (Panel panel : folded.pattern().panels()) {
                PanelRef ref = new PanelRef(piece, panel.id());
                places.add(new PartPlace.OnPanel(ref, Optional.of(up)));
                places.add(new PartPlace.OnPanel(ref, Optional.of(up.other())));
            }
        });
        // A pocket with several parts in it is one place.
        Map<List<PanelRef>, String> pockets = new LinkedHashMap<>();
        plan.design().pockets().forEach(pocket -> pockets.putIfAbsent(List.of(pocket.front(), pocket.back()),
                pocket.definition().id()));
        pockets.values().forEach(pocket -> places.add(new PartPlace.InPocket(pocket)));
        places.add(new PartPlace.Around());
        return places;
    }

    /** A place in words: {@code on the back leaf, inside}. */
    public static String words(Plan plan, PartPlace place) {
        return place.accept(new PartPlace.Cases<Message>() {
            @Override
            public Message onPanel(PartPlace.OnPanel on) {
                String label = Optional.ofNullable(plan.pieces().get(on.panel().piece()))
                        .flatMap(piece -> piece.pattern().panel(on.panel().panel())).map(Panel::label)
                        .orElse(on.panel().toString());
                return PartWords.ON_PANEL.of("panel", label, "face", on.face().orElse(Face.INSIDE).word());
            }

            @Override
            public Message inPocket(PartPlace.InPocket in) {
                return PartWords.IN_POCKET.of("pocket",
                        plan.design().pockets().stream().map(SizedDesign.Pocket::definition)
                                .filter(pocket -> pocket.id().equals(in.pocket())).findFirst()
                                .map(pocket -> pocket.label().toLowerCase(Locale.ROOT)).orElse(in.pocket()));
            }

            @Override
            public Message around() {
                return PartWords.AROUND.of();
            }
        }).sentence();
    }

    /**
     * What of these designs goes to a place, best fit first, otherwise in their order; what cannot be planned is none.
     */
    public static List<Offer> at(Plan host, PartPlace place, Collection<DesignDefinition> designs) {
        PartOffers offers = new PartOffers(host);
        return designs.stream().filter(design -> goesTo(design, place))
                .flatMap(design -> offers.offer(design, place).stream())
                .sorted(Comparator.comparing((Offer offer) -> !offer.fits())
                        .thenComparing(offer -> offer.worse().size()))
                .toList();
    }

    /** Whether a design says of itself how it goes to such a place. */
    private static boolean goesTo(DesignDefinition design, PartPlace place) {
        return place.accept(new PartPlace.Cases<>() {
            @Override
            public Boolean onPanel(PartPlace.OnPanel on) {
                return PartExpansion.hasStandIn(design) || !design.asPart().onPanel().isEmpty();
            }

            @Override
            public Boolean inPocket(PartPlace.InPocket in) {
                return design.asPart().inPocket().isPresent();
            }

            @Override
            public Boolean around() {
                return design.asPart().around().isPresent();
            }
        });
    }

    private Optional<Offer> offer(DesignDefinition design, PartPlace place) {
        Project project = host.project();
        String name = name(design);
        return PartAdding.part(project.design(), name, design, place)
                .then(part -> Planner.plan(project.withPart(part))).value()
                .map(plan -> new Offer(design, name, plan, worse(plan)));
    }

    /** The last word of its id, with a number where the host has that already: {@code sleeve}, {@code sleeve2}. */
    private String name(DesignDefinition design) {
        String last = design.id().substring(design.id().lastIndexOf('-') + 1).toLowerCase(Locale.ROOT)
                .replaceAll("s$", "");
        String word = last.matches("[a-z][a-z0-9]{0,20}") ? last : "part";
        String name = word;
        for (int number = 2; !PartAdding.isName(name, host.project().design()); number++) {
            name = word + number;
        }
        return name;
    }

    private List<Check> worse(Plan plan) {
        Set<String> before = host.checks().stream().filter(check -> check.verdict() != Verdict.GOOD)
                .map(check -> check.id() + check.verdict()).collect(Collectors.toSet());
        return plan.checks().stream()
                .filter(check -> check.verdict() != Verdict.GOOD && !before.contains(check.id() + check.verdict()))
                .toList();
    }
}
