/**
 * Dies and punches: what they cut, and what fits inside it. Lengths are in millimetres inside, y runs down.
 */
package cufflink.die;
