// What stands for a part of the device in tests. React Native's own makes six spies for each that is drawn, which for a drawing of a thousand marks
// takes longer than to draw it.
import { Component, createElement } from 'react';

const nothing = () => undefined;
const METHODS = {
  blur: nothing,
  focus: nothing,
  measure: nothing,
  measureInWindow: nothing,
  measureLayout: nothing,
  setNativeProps: nothing,
};

export default function standIn(name) {
  class StandIn extends Component {
    render() {
      return createElement(name, this.props, this.props.children);
    }
  }
  StandIn.displayName = name === 'RCTView' ? 'View' : name;
  Object.assign(StandIn.prototype, METHODS);
  return StandIn;
}
