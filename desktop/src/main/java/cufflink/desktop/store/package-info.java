/** Where projects and jobs are kept: one file each in the maker's data folder, written as the maker goes. */
package cufflink.desktop.store;
