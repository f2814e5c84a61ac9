/**
 * The Order stage: everything that was planned as one running order. Start at {@link scree.app.order.Orders}; {@code Gathering} turns the
 * stages' plans into needs, the craft is in {@code core.routine}.
 */
package scree.app.order;
