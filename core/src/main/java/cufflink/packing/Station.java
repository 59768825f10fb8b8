package cufflink.packing;

/** Where things lie that go into the kits, in the order in which one walks along them. */
public enum Station {
    PIECES("Pieces"), LAYERS("Layers"), RIBBON("Ribbon and string"), FIXINGS("Brads and the like"),
    ORNAMENTS("Ornaments"), ENVELOPES("Envelopes"), DIRECTIONS("Directions");

    private final String title;

    Station(String title) {
        this.title = title;
    }

    /** As it is shown. */
    public String title() {
        return title;
    }
}
