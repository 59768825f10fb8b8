/** The one database file: its versions, the copies that are kept of it, and what can go wrong with it. */
package cufflink.files.database;
