/**
 * Folding. A piece's panels are rigid; creases turn by an angle from 0 (flat) to 180 degrees (shut).
 * <ol>
 * <li>{@link cufflink.fold.Folder} puts every panel in its place for a set of crease angles, and notices when a loop of hinges
 * does not close;</li>
 * <li>{@link cufflink.fold.FoldSequencer} folds flat, step by step, keeping the order of layers and what is in the way;</li>
 * <li>{@link cufflink.fold.LayerOrderVerifier} proves an order by other rules than those that made it: only it makes a
 * {@link cufflink.fold.FlatFoldedState};</li>
 * <li>{@link cufflink.fold.ClosedStackBuilder} stacks folded pieces, mats and contents into the closed card.</li>
 * </ol>
 * Space: x right, y down, z towards the viewer of the face that lies up; millimetres. The sequencer handles pieces whose
 * creases are parallel; positions and types are general.
 */
package cufflink.fold;
