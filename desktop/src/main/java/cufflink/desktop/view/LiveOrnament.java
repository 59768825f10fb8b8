package cufflink.desktop.view;

import cufflink.design.Ornament;
import cufflink.desktop.work.Workspace;
import cufflink.plan.Plan;
import java.util.Optional;
import java.util.concurrent.CompletableFuture;
import java.util.function.BiConsumer;
import java.util.function.UnaryOperator;

/** One ornament that the maker added, as its rows show and change it. */
final class LiveOrnament {
    private final Workspace work;
    private final LiveRows live;
    private final String id;

    LiveOrnament(Workspace work, LiveRows live, String id) {
        this.work = work;
        this.live = live;
        this.id = id;
    }

    String id() {
        return id;
    }

    /** The ornament as it is now; absent while it is being taken away. */
    Optional<Ornament> find(Plan plan) {
        return plan.project().ornament(id);
    }

    /** Changes it, as {@link Workspace#change} does; nothing if it is no more. */
    CompletableFuture<Boolean> edit(UnaryOperator<Ornament> change) {
        return work.change(project -> project.ornament(id).map(now -> project.withOrnament(change.apply(now)))
                .orElse(project));
    }

    /** Shows it from the next plan on. */
    void show(BiConsumer<Plan, Ornament> shown) {
        live.onPlan(plan -> find(plan).ifPresent(ornament -> shown.accept(plan, ornament)));
    }
}
