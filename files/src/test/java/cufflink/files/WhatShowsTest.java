package cufflink.files;

import static org.junit.jupiter.api.Assertions.assertEquals;

import cufflink.drawing.Shown;
import cufflink.drawing.WhatShows;
import cufflink.plan.Project;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;

class WhatShowsTest {
    /** A half fold without layers, half open and seen square on: what of the inside shows is behind the front leaf. */
    @Test
    void halfFold_showsItsLeaves() {
        Project project = Plans.project("half-fold");
        List<WhatShows> all = WhatShows.all(Plans.plan(project.withMats(project.mats().withLayers(0))));
        assertEquals(List.of(Optional.empty(), Optional.of("half open")),
                all.stream().map(WhatShows::pose).toList());
        assertEquals("100 % outside of the front leaf", WhatShows.words(all.get(0).front()));
        assertEquals("100 % outside of the back leaf", WhatShows.words(all.get(0).back()));
        assertEquals(List.of("outside of the front leaf", "inside of the back leaf"),
                all.get(1).front().stream().map(Shown::label).toList());
    }

    /** The two halves of the folio's outer mat are called alike: they are told once. */
    @Test
    void alikeLayers_areOneEntry() {
        List<String> front = WhatShows.all(Plans.plan(Plans.project("sleeve-folio"))).get(0).front().stream()
                .map(Shown::label).toList();
        assertEquals(front.stream().distinct().toList(), front);
    }

    @Test
    void ofManyFaces_theLargestAreTold() {
        List<Shown> faces = IntStream.rangeClosed(1, 8).mapToObj(i -> new Shown("panel " + i, 0.125)).toList();
        assertEquals("13 % panel 1; 13 % panel 2; 13 % panel 3; 13 % panel 4; 13 % panel 5; 13 % panel 6; and 2 more",
                WhatShows.words(faces));
    }
}
