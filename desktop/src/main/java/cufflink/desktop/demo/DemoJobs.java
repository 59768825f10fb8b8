package cufflink.desktop.demo;

import cufflink.files.project.KeptJob;
import cufflink.files.project.KeptJob.KeptKit;
import java.util.List;
import java.util.Map;

/**
 * The observatory's jobs: 24 invitations from a stash that is just enough, and everything for the volunteers' evening.
 */
public final class DemoJobs {
    private DemoJobs() {
    }

    /** The jobs, the one to show first last. */
    public static List<KeptJob> all() {
        KeptJob evening = KeptJob
                .of("Volunteers' evening",
                        List.of(new KeptKit("visitors-pass-holder.json", 12), new KeptKit("meteor-shower-map.json", 6)))
                .withAlternatives(Map.of("starfield 120", List.of("meteor stripe 120"))).withSparePercent(10);
        return List.of(evening,
                KeptJob.of("Comet night invitations", List.of(new KeptKit("comet-night-invitation.json", 24))));
    }
}
