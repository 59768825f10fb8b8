/** Reading JSON files of strangers: every mistake with its place. */
package cufflink.files.json;
