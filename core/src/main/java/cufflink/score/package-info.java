/** The score list: at which positions a piece is scored, against which fence, with which face up. */
package cufflink.score;
