package cufflink.stash;

import cufflink.paper.BenchTools;

/** The trimmer and the scoring board; there is one set of them. */
public record StashTools(BenchTools tools) implements StashItem {
    private static final long ONLY = 1;

    @Override
    public long id() {
        return ONLY;
    }

    @Override
    public String name() {
        return "Tools";
    }

    @Override
    public StashTools withId(long value) {
        return this;
    }

    @Override
    public <R> R accept(Cases<R> cases) {
        return cases.tools(this);
    }
}
