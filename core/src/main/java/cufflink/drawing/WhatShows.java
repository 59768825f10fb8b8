package cufflink.drawing;

import cufflink.fold.PosedCard;
import cufflink.plan.Plan;
import cufflink.stack.ClosedStack;
import cufflink.stack.StackLayer;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/**
 * What shows of the card, the largest share first.
 *
 * @param pose  absent when it is closed
 * @param front from the front
 * @param back  from the back
 */
public record WhatShows(Optional<String> pose, List<Shown> front, List<Shown> back) {
    private static final int TOLD = 6;

    public WhatShows {
        front = List.copyOf(front);
        back = List.copyOf(back);
    }

    /** Closed, if it closes, and in each of the poses that it can take, in their order. */
    public static List<WhatShows> all(Plan plan) {
        return Stream.concat(plan.stack().map(WhatShows::closed).stream(),
                plan.poses().stream().filter(posed -> posed.state().value().isPresent())
                        .map(posed -> posed(plan, posed)))
                .toList();
    }

    /** Of the card in a pose that it can take. */
    public static WhatShows posed(Plan plan, PosedCard posed) {
        return new WhatShows(Optional.of(posed.name()), PoseDrawing.shown(plan, posed, false),
                PoseDrawing.shown(plan, posed, true));
    }

    /** Of the closed card. */
    public static WhatShows closed(ClosedStack stack) {
        return new WhatShows(Optional.empty(), closed(stack, true), closed(stack, false));
    }

    private static List<Shown> closed(ClosedStack stack, boolean fromFront) {
        List<Shown> faces = new ArrayList<>();
        stack.shown(fromFront).stream().collect(Collectors.groupingBy(entry -> label(entry.layer(), fromFront),
                Collectors.summingDouble(ClosedStack.Shown::share)))
                .forEach((label, share) -> faces.add(new Shown(label, share)));
        faces.sort(Comparator.comparingDouble(Shown::share).reversed().thenComparing(Shown::label));
        return faces;
    }

    private static String label(StackLayer layer, boolean fromFront) {
        return layer.kind() == StackLayer.Kind.PANEL
                ? Shown.panel(fromFront ? layer.facing() : layer.facing().other(), layer.label())
                : layer.label();
    }

    /** In one line, with shares in hundredths; of many faces the largest. */
    public static String words(List<Shown> shown) {
        String told = shown.stream().limit(TOLD)
                .map(face -> Math.round(face.share() * 100) + " % " + face.label())
                .collect(Collectors.joining("; "));
        return shown.size() > TOLD ? told + "; and " + (shown.size() - TOLD) + " more" : told;
    }
}
