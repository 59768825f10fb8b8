package cufflink.directions;

/**
 * Something to write into directions.
 *
 * @param place what it replaces; nothing, where it is put in
 * @param text  as it would be typed there
 */
public record Edit(Span place, String text) {
    /** Put in behind something. */
    static Edit behind(Span before, String text) {
        return new Edit(new Span(before.to(), before.to()), text);
    }

    /** The directions with that written. */
    public String in(String directions) {
        return directions.substring(0, place.from()) + text + directions.substring(place.to());
    }
}
