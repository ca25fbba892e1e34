import { View } from 'react-native';
import { Button, TextInput } from 'react-native-paper';
import Svg, { Circle } from 'react-native-svg';

export default function Index() {
  return (
    <View>
      <TextInput label="name" />
      <Button>Go</Button>
      <Svg width={40} height={40}>
        <Circle cx={20} cy={20} r={18} />
      </Svg>
    </View>
  );
}
