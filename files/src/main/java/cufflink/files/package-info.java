/** What reading and writing share. */
package cufflink.files;
