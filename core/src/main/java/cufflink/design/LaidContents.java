package cufflink.design;

/**
 * What lies in the middle of a panel without a pocket: under ribbons, or loose.
 *
 * @param holds  the name of its measure of contents
 * @param on     the panel
 * @param face   its face
 * @param turned whether it lies a quarter turn round
 */
public record LaidContents(String holds, PanelRef on, Face face, boolean turned) {
}
