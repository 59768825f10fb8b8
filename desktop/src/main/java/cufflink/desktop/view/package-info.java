/**
 * The screens and their parts. They show a {@link cufflink.desktop.work.Workspace} and change it; they compute no size.
 */
package cufflink.desktop.view;
