/** The notebook in its database, its pictures beside it, and what goes out of it and comes in. */
package cufflink.files.notebook;
