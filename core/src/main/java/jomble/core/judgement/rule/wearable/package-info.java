/** Whether an outfit can be put on at all: structure, layers, hems and shafts, what is there and fits. */
package jomble.core.judgement.rule.wearable;
